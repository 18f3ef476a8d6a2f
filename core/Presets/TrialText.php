<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\TypedText;

/**
 * Test shoots as they are typed and as they are kept.
 */
final class TrialText
{
    /**
     * @param string $intervals such as "1 2 4 s"
     * @param string $shutters  such as "1/30 0.5 1"
     *
     * @throws InvalidInput with the pointers /subject, /intervals, /shutters, /photos
     */
    public static function read(string $subject, string $intervals, string $shutters, string $photos): Trial
    {
        $problems = new Problems();
        $lists = [];
        foreach (['intervals' => $intervals, 'shutters' => $shutters] as $field => $text) {
            $lists[$field] = [];
            $words = explode(' ', (string) preg_replace('/[\s;]+|,\s+|\bs\b/', ' ', $text));
            foreach (array_filter($words, static fn (string $word): bool => $word !== '') as $word) {
                $seconds = TypedText::seconds($word);
                if ($seconds === null) {
                    $problems->add("/{$field}", new Message('presets.trial_text.seconds'));
                    break;
                }
                $lists[$field][] = $seconds;
            }
        }
        $count = trim($photos) === '' ? 48.0 : TypedText::number($photos);
        if ($count === null || floor($count) !== $count || abs($count) > 1e6) {
            $problems->add('/photos', new Message('presets.trial_text.photos'));
            $count = 48.0;
        }
        $trial = null;
        try {
            $trial = new Trial(trim($subject), $lists['intervals'], $lists['shutters'], (int) $count);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $problems->throwIfAny();
        assert($trial !== null);

        return $trial;
    }

    /**
     * @throws InvalidInput
     */
    public static function fromJson(string $subject, string $json): Trial
    {
        $document = json_decode($json, true, 6, JSON_THROW_ON_ERROR);
        if (!is_array($document)) {
            throw new InvalidInput([new Problem('', new Message('presets.trial_text.not_one'))]);
        }
        $numbers = static fn (mixed $list): array => array_values(array_map(
            static fn (mixed $one): float => is_numeric($one) ? (float) $one : 0.0,
            is_array($list) ? $list : [],
        ));
        $verdicts = [];
        foreach (is_array($document['verdicts'] ?? null) ? $document['verdicts'] : [] as $cell => $verdict) {
            if (is_array($verdict) && is_string($verdict['note'] ?? null)) {
                $rating = $verdict['rating'] ?? null;
                $verdicts[(string) $cell] = ['rating' => is_int($rating) ? $rating : null, 'note' => $verdict['note']];
            }
        }

        return new Trial(
            $subject,
            $numbers($document['intervals_s'] ?? []),
            $numbers($document['shutters_s'] ?? []),
            is_int($document['photos'] ?? null) ? $document['photos'] : 48,
            $verdicts,
        );
    }

    public static function toJson(Trial $trial): string
    {
        return json_encode([
            'intervals_s' => $trial->intervals, 'shutters_s' => $trial->shutters, 'photos' => $trial->photos, 'verdicts' => (object) $trial->verdicts,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
