<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Models\Take;
use Illuminate\Http\RedirectResponse;
use RuntimeException;

/**
 * What a take is shooting stays where it is until that is over.
 */
final class TakeUnderWay extends RuntimeException
{
    public function __construct(private readonly Take $take, string $why)
    {
        parent::__construct($why);
    }

    /** Back to where it was asked for, with a link to the take. */
    public function render(): RedirectResponse
    {
        return redirect()->back()->with('notice', $this->getMessage())->with('way', ['href' => $this->take->at('takes.show'), 'name' => 'To the take']);
    }
}
