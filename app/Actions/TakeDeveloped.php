<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Models\Shot;
use App\Pages\ClipPage;
use App\Pages\Settings;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Film\Developed;
use Evrent\Words\Words;

/**
 * Takes in photos that were developed elsewhere, by the numbers or names that they went out under.
 */
final class TakeDeveloped
{
    /**
     * @param string $folder as typed; empty to go back to the card's own photos
     *
     * @return string what was found, in words
     *
     * @throws InvalidInput by /folder
     */
    public function __invoke(Shot $shot, string $folder): string
    {
        $page = new ClipPage($shot);
        $card = $page->card ?? throw self::wrong(new Message('app.developed.read_first'));
        if ($folder === '') {
            CardReading::query()->whereKey($card->reading->id)->update(['developed_folder' => '', 'developed' => '{}']);

            return Words::of('app.developed.back');
        }
        $allowed = Settings::kept()->photoFolders();
        if (!is_dir($folder) || !Settings::kept()->mayRead($folder)) {
            throw self::wrong(new Message('app.developed.outside', ['x' => implode(', ', $allowed)]));
        }
        $found = Developed::in($folder, $card->files(), $page->photos());
        if ($found['photos'] === []) {
            throw self::wrong(new Message('app.developed.none'));
        }
        CardReading::query()->whereKey($card->reading->id)->update([
            'developed_folder' => (string) realpath($folder),
            'developed' => json_encode((object) $found['photos'], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
        ]);

        return $found['others'] === []
            ? Words::of('app.developed.taken', count: count($found['photos']))
            : Words::of('app.developed.taken_some', count: count($found['photos']), others: count($found['others']), such: basename($found['others'][0]));
    }

    private static function wrong(Message $says): InvalidInput
    {
        return new InvalidInput([new Problem('/folder', $says)]);
    }
}
