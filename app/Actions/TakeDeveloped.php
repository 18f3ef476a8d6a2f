<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Models\Shot;
use App\Pages\ClipPage;
use App\Pages\Settings;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;
use Evrent\Devices\Film\Developed;

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
        $card = $page->card ?? throw self::wrong('Read the photos from the card first: these are held against them.');
        if ($folder === '') {
            CardReading::query()->whereKey($card->reading->id)->update(['developed_folder' => '', 'developed' => '{}']);

            return 'The clip is made of the card’s own photos again.';
        }
        $allowed = Settings::kept()->photoFolders();
        if (!is_dir($folder) || !Settings::kept()->mayRead($folder)) {
            throw self::wrong('This is no folder below one that may be read: ' . implode(', ', $allowed) . '. The settings name them.');
        }
        $found = Developed::in($folder, $card->files(), $page->photos());
        if ($found['photos'] === []) {
            throw self::wrong('Nothing in it has the number or the name of one of these photos. Export JPEG, PNG or TIFF under the names of the links.');
        }
        CardReading::query()->whereKey($card->reading->id)->update([
            'developed_folder' => (string) realpath($folder),
            'developed' => json_encode((object) $found['photos'], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
        ]);

        return PlainText::photos(count($found['photos'])) . ' taken in' . ($found['others'] === [] ? '.'
            : '; ' . count($found['others']) . ' left, such as ' . basename($found['others'][0]) . ': their names are none of these photos’.');
    }

    private static function wrong(string $says): InvalidInput
    {
        return new InvalidInput([new Problem('/folder', $says)]);
    }
}
