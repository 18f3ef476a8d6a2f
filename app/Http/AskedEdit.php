<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Shot;
use Illuminate\Http\Request;

/**
 * What comes with every change of a shot, whatever it changes.
 */
final readonly class AskedEdit
{
    /**
     * @param int                   $revisionId the revision that the page showed when it was made
     * @param ?string               $key        made by the page for this edit: sent again, it counts once
     * @param ?array<string, string> $typed     text by JSON pointer, where fields were typed in: these alone have to be as they were; null
     *                                          where the edit is about the shot as a whole
     */
    private function __construct(public int $revisionId, public ?string $key, public bool $isPreview, public ?array $typed)
    {
    }

    /**
     * @param ?array<string, string> $typed
     */
    public static function of(Request $request, ?array $typed = null): self
    {
        return new self($request->integer('revision'), self::key($request), $request->boolean('preview'), $typed);
    }

    /** From a page that shows nothing of the plan: the edit is made on what the shot is now. */
    public static function now(Shot $shot): self
    {
        return new self($shot->currentRevision()->id, null, false, null);
    }

    public static function key(Request $request): ?string
    {
        $key = $request->input('key');

        return is_string($key) && preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/D', $key) === 1 ? $key : null;
    }
}
