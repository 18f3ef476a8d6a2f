<?php

declare(strict_types=1);

namespace Tests\Devices;

use GdImage;
use Symfony\Component\Process\Process;

/**
 * Photos that carry their number in their pixels, eight bars of them, and films of them read back.
 */
trait NumberedPhotos
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-film-' . bin2hex(random_bytes(6));
        mkdir("{$this->folder}/work", 0o700, true);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
    }

    /** @return string its path; white for a 1 of the number, the lowest to the left */
    private function numbered(int $number, string $ending = 'jpg', int $width = 320, int $height = 200): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        assert($image !== false);
        for ($bit = 0; $bit < 8; $bit++) {
            $left = intdiv($width * $bit, 8);
            imagefilledrectangle($image, $left, 0, $left + intdiv($width, 8) - 1, $height - 1, ($number >> $bit & 1) === 1 ? 0xffffff : 0);
        }
        $path = "{$this->folder}/EVR_{$number}.{$ending}";
        $ending === 'png' ? imagepng($image, $path) : imagejpeg($image, $path, 92);

        return $path;
    }

    private static function barsOf(GdImage $image): int
    {
        $number = 0;
        for ($bit = 0; $bit < 8; $bit++) {
            $at = intdiv(imagesx($image) * (2 * $bit + 1), 16);
            $number |= ((int) imagecolorat($image, $at, intdiv(imagesy($image), 2)) >> 8 & 0xff) > 127 ? 1 << $bit : 0;
        }

        return $number;
    }

    /** @return list<GdImage> */
    private function framesOf(string $film, int $most = 1_000): array
    {
        $folder = "{$this->folder}/read-" . bin2hex(random_bytes(4));
        mkdir($folder);
        (new Process(['ffmpeg', '-v', 'error', '-i', $film, '-fps_mode', 'passthrough', '-frames:v', (string) $most, "{$folder}/%05d.png"]))->mustRun();
        $files = glob("{$folder}/*.png");
        self::assertIsArray($files);

        return array_map(static function (string $file): GdImage {
            $image = imagecreatefrompng($file);
            assert($image !== false);

            return $image;
        }, $files);
    }

    /** @return string codec, width, height, pixels, rate and frames, as ffprobe counts them */
    private static function probed(string $film): string
    {
        $asked = 'stream=codec_name,width,height,pix_fmt,r_frame_rate,nb_read_frames';
        $probe = new Process(['ffprobe', '-v', 'error', '-count_frames', '-show_entries', $asked, '-of', 'csv=p=0', $film]);

        return trim($probe->mustRun()->getOutput());
    }
}
