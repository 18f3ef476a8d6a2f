<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\PhotoSpans;

/**
 * Findings about the photos on a card, each under the name that evrent.match/1 gives it. Their words are under photos.found.
 */
final class CardFinding
{
    private const MOST_SPANS = 8;

    /**
     * @param string                                $name      in evrent.match/1, where nothing else has it
     * @param list<int>                             $numbers   of the photos concerned, rising; none where it is about the card as a whole
     * @param array<string, Text|string|int|float> $arguments beside `count` and `photos`
     * @param ?string                               $words     under photos.found; the name where it has one wording alone
     *
     * @return array<string, Finding>
     */
    public static function of(string $name, FindingId $id, array $numbers, array $arguments = [], ?string $words = null): array
    {
        $words ??= $name;
        $spans = PhotoSpans::of($numbers);
        $named = PhotoSpans::named(array_slice($spans, 0, self::MOST_SPANS));
        $arguments += [
            'count' => count($numbers),
            'photos' => count($spans) > self::MOST_SPANS ? new Message('photos.found.and_more', ['photos' => $named]) : $named,
        ];

        return [$name => Finding::ofPhotos(
            $id,
            new Message("photos.found.{$words}_title"),
            new Message("photos.found.{$words}", $arguments),
            new Message("photos.found.{$words}_advice", ['count' => $arguments['count']]),
            $spans,
        )->withSeverity(Severity::Warning)];
    }
}
