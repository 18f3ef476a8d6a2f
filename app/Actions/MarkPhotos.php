<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use Evrent\Core\Messages\Message;
use Evrent\Core\Photos\Mark;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Marks photos of a card, or takes their mark off.
 */
final class MarkPhotos
{
    private const MOST_WHY_CHARACTERS = 120;

    /**
     * @param string $from number of the first, as typed
     * @param string $to   of the last; empty for the first alone
     * @param ?Mark  $mark null for none
     *
     * @throws InvalidInput by /from, /to, /why
     */
    public function __invoke(CardReading $reading, string $from, string $to, ?Mark $mark, string $why): void
    {
        /** @var array{photos?: array<int, ?string>} $match */
        $match = json_decode($reading->matched ?? '{}', true, Message::DEPTH, JSON_THROW_ON_ERROR);
        $photos = $match['photos'] ?? [];
        $first = filter_var(trim($from), FILTER_VALIDATE_INT);
        $last = trim($to) === '' ? $first : filter_var(trim($to), FILTER_VALIDATE_INT);
        if ($first === false || !array_key_exists($first, $photos)) {
            throw new InvalidInput([new Problem('/from', new Message('app.mark_photos.from', ['photos' => count($photos)]))]);
        }
        if ($last === false || $last < $first || !array_key_exists($last, $photos)) {
            throw new InvalidInput([new Problem('/to', new Message('app.mark_photos.to'))]);
        }
        if (mb_strlen($why) > self::MOST_WHY_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $why) !== 0) {
            throw new InvalidInput([new Problem('/why', new Message('app.mark_photos.why', ['most_why_characters' => self::MOST_WHY_CHARACTERS]))]);
        }
        DB::connection()->transaction(static function () use ($reading, $first, $last, $mark, $why): void {
            // Marks that another window made meanwhile stay.
            $locked = CardReading::query()->lockForUpdate()->findOrFail($reading->id);
            $marks = $locked->marks;
            foreach (range($first, $last) as $number) {
                unset($marks[$number]);
                if ($mark !== null) {
                    $marks[$number] = ['mark' => $mark->value, 'why' => $why];
                }
            }
            ksort($marks);
            $locked->update(['marks' => $marks === [] ? (object) [] : $marks]);
        });
    }
}
