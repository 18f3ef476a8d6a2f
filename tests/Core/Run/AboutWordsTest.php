<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Run\Take\AboutWords;
use Evrent\Words\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AboutWordsTest extends TestCase
{
    /**
     * @return iterable<array{string, string, string}>
     */
    public static function about(): iterable
    {
        yield ['rig place', 'rig position', 'posición del rig'];
        yield ['rig slide speed', 'slide speed', 'velocidad de deslizamiento'];
        yield ['axis pan', 'pan', 'giro'];
        yield ['camera ISO list', 'ISO', 'ISO'];
        yield ['camera shutter time', 'shutter time', 'velocidad de obturación'];
        yield ['12 shutter_time', 'shutter time after photo 12', 'velocidad de obturación tras la foto 12'];
        yield 'what an earlier log has stays as it is' => ['camera dial of old', 'camera dial of old', 'camera dial of old'];
    }

    #[DataProvider('about')]
    public function testNamesWhatALogIsAbout(string $about, string $english, string $spanish): void
    {
        self::assertSame([$english, $spanish], [Catalogue::of('en')->say(AboutWords::of($about)), Catalogue::of('es')->say(AboutWords::of($about))]);
    }
}
