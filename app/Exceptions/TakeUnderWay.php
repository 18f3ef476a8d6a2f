<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\RedirectResponse;
use RuntimeException;

/**
 * What a take or a test is shooting stays where it is until that is over.
 */
final class TakeUnderWay extends RuntimeException
{
    /**
     * @param array{href: string, name: string} $way to what is under way
     */
    public function __construct(private readonly array $way, string $why)
    {
        parent::__construct($why);
    }

    /** Back to where it was asked for, with a link to what is under way. */
    public function render(): RedirectResponse
    {
        return redirect()->back()->with('notice', $this->getMessage())->with('way', $this->way);
    }
}
