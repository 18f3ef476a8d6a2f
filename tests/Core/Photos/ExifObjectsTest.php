<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\ExifObjects;
use Evrent\Core\Photos\PhotoList;
use Evrent\Core\Photos\TimeFrom;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What exiftool tells is read file by file, and kept packed: nothing of it is lost on the way.
 */
final class ExifObjectsTest extends TestCase
{
    #[TestWith(['[]'])]
    #[TestWith([" [\n{\"a\": \"b, {c} [d] \\\" ] }\"},\n{\"e\": [1, {\"f\": \"\\\\\"}], \"g\": {}} ]\n"])]
    #[TestWith(['[{"a":"\u00e9 é 漢"},{"b":-1.5e3},{"c":null}]'])]
    public function testItReadsWhatPhpReads(string $json): void
    {
        self::assertSame(json_decode($json, true), iterator_to_array(ExifObjects::in($json), false));
    }

    #[TestWith(['', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['{"a": 1}', 'photos.exif_objects.not_list'])]
    #[TestWith(['"text"', 'photos.exif_objects.not_list'])]
    #[TestWith(['[{"SourceFile": "a.jpg"}', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['[{"SourceFile": "a.jpg"},]', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['[{"SourceFile": "a.jpg"} {"SourceFile": "b.jpg"}]', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['[{"SourceFile": "a.jpg"}] and more', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['[{"SourceFile": "a.jpg", }]', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['[{"SourceFile": "a.jpg"]', 'photos.exif_objects.not_json(why: S'])]
    #[TestWith(['[1, 2]', 'photos.card_photos.source'])]
    #[TestWith(['[[{"SourceFile": "a.jpg"}]]', 'photos.card_photos.source'])]
    public function testWhatIsBrokenIsSaid(string $json, string $says): void
    {
        try {
            CardPhotos::fromExifTool($json);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertStringContainsString($says, (string) $invalid->problems[0]->message);
        }
    }

    public function testPackedPhotosAreWhatTheyWere(): void
    {
        $photos = [
            new CardPhoto('card 1/DCIM/100EVRNT/EVR_0001.JPG', 1_800_000_000.25, true, TimeFrom::Exif, 100, 1, '1001', 1 / 3, 5.6, 100.0, 24.0, 'Auto', 'Manual'),
            new CardPhoto('card 1/DCIM/100EVRNT/EVR_0002.JPG', 1_800_000_001.75, true, TimeFrom::Exif, 100, 2, '1001', 0.5, 5.6, 100.0, 24.0, 'Auto', 'Manual'),
            new CardPhoto('no number.jpg', null, false, TimeFrom::None),
            new CardPhoto('0000000.dng', 12.5, false, TimeFrom::File, null, 0),
            new CardPhoto('a7b.tif', 12.5, false, TimeFrom::File, null, 7),
        ];
        $list = PhotoList::of($photos);
        self::assertEquals($photos, iterator_to_array($list));
        self::assertEquals([$photos[4], $photos[0]], iterator_to_array($list->picked([4, 0])));
        self::assertCount(5, $list);
    }

    /** A hundred bytes a photo at most, once they are read. */
    public function testTheyTakeLittleRoom(): void
    {
        $photos = static function (): \Generator {
            for ($n = 0; $n < 20_000; $n++) {
                $file = sprintf('DCIM/%dEVRNT/EVR_%04d.JPG', 100 + intdiv($n, 9_999), $n % 9_999 + 1);
                yield new CardPhoto($file, 1_800_000_000.0 + 5 * $n, true, TimeFrom::Exif, 100, $n % 9_999 + 1, '1001', 0.5, 5.6, 100.0);
            }
        };
        $before = memory_get_usage();
        $list = PhotoList::of($photos());
        self::assertLessThan(100.0, (memory_get_usage() - $before) / count($list));
    }
}
