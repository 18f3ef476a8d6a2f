<?php

declare(strict_types=1);

namespace Tests\Devices;

/**
 * Folders as a card may be that is broken, made by somebody who means harm, or by nobody who thought of photos.
 */
final class HostileFolders
{
    private const JPEG_HEAD = "\xff\xd8";

    /**
     * @return array<string, callable(string): void> what puts it into a folder, by what it is
     */
    public static function all(): array
    {
        $file = static fn (string $name, callable $bytes): callable => static function (string $folder) use ($name, $bytes): void {
            file_put_contents("{$folder}/{$name}", $bytes());
        };
        $jpeg = self::jpeg(...);
        $folders = [
            'nothing' => static fn (string $folder) => null,
            'an empty file' => $file('BAD.JPG', static fn (): string => ''),
            'one byte' => $file('BAD.JPG', static fn (): string => "\xff"),
            'a beginning alone' => $file('BAD.JPG', static fn (): string => self::JPEG_HEAD),
            'text' => $file('BAD.JPG', static fn (): string => 'A photo of the mill.'),
            'a page' => $file('BAD.JPG', static fn (): string => '<html><script>alert(1)</script>'),
            'a program' => $file('BAD.JPG', static fn (): string => "#!/bin/sh\nrm -rf .\n"),
            'zeros' => $file('BAD.JPG', static fn (): string => str_repeat("\0", 1_000_000)),
            'noise' => $file('BAD.JPG', static fn (): string => random_bytes(500_000)),
            'a torn photo' => $file('BAD.JPG', static fn (): string => substr($jpeg(60, 40), 0, -200)),
            'half a photo' => $file('BAD.JPG', static fn (): string => substr($jpeg(1_000, 800), 0, 4_000)),
            'a picture that claims 400 megapixels' => $file('BAD.JPG', static fn (): string => self::claiming(20_000, 20_000)),
            'a picture that claims 4 gigapixels' => $file('BAD.JPG', static fn (): string => self::claiming(65_000, 65_000)),
            'a picture that claims 190 megapixels' => $file('BAD.JPG', static fn (): string => self::claiming(19_000, 10_000)),
            'a picture of no width' => $file('BAD.JPG', static fn (): string => self::claiming(0, 40)),
            'a picture that keeps one that claims 400 megapixels' => $file('BAD.JPG', static fn (): string => self::keeping(self::claiming(20_000, 20_000))),
            'a picture that keeps noise' => $file('BAD.JPG', static fn (): string => self::keeping(random_bytes(5_000))),
            'a PNG that unpacks to 1.1 gigabytes' => $file('BAD.PNG', static fn (): string => self::png(19_000, 19_000)),
            'a PNG that unpacks to 30 gigabytes' => $file('BAD.PNG', static fn (): string => self::png(100_000, 100_000, 100)),
            'a PNG that ends in its head' => $file('BAD.PNG', static fn (): string => substr(self::png(100, 100), 0, 20)),
            'an archive that unpacks to a gigabyte' => $file('BAD.JPG', static fn (): string => (string) gzencode(str_repeat("\0", 50_000_000))),
            'an archive under a raw name' => $file('BAD.DNG', static fn (): string => "PK\x03\x04" . str_repeat("\0", 5_000)),
            'ten thousand segments' => $file('BAD.JPG', static fn (): string => self::JPEG_HEAD . str_repeat("\xff\xe2\x00\x10" . str_repeat('x', 14), 10_000) . substr($jpeg(60, 40), 2)),
            'a segment that is longer than the file' => $file('BAD.JPG', static fn (): string => self::JPEG_HEAD . "\xff\xe1\xff\xff" . 'Exif'),
            'a segment of no length' => $file('BAD.JPG', static fn (): string => self::JPEG_HEAD . str_repeat("\xff\xe1\x00\x00", 1_000)),
            'a directory of tags that leads to itself' => $file('BAD.TIF', static fn (): string => self::looping()),
            'tags that point behind the end' => $file('BAD.TIF', static fn (): string => "II*\0" . pack('V', 0xffff_fff0) . str_repeat("\0", 100)),
            'a million tags' => $file('BAD.TIF', static fn (): string => "II*\0" . pack('V', 8) . pack('v', 65_535) . str_repeat(pack('vvVV', 270, 2, 0x7fff_ffff, 8), 20_000)),
            'a sentence of a megabyte' => $file('BAD.JPG', static fn (): string => self::commented(str_repeat("<b>'\"\n", 9_000))),
            'a raw file of noise' => $file('BAD.ARW', static fn (): string => random_bytes(200_000)),
            'a film' => $file('BAD.JPG', static fn (): string => "\0\0\0\x18ftypmp42" . random_bytes(20_000)),
            'a list of files for ffmpeg' => $file('BAD.JPG', static fn (): string => "ffconcat version 1.0\nfile /etc/passwd\n"),
            'a playlist' => $file('BAD.JPG', static fn (): string => "#EXTM3U\n#EXT-X-MEDIA-SEQUENCE:0\n#EXTINF:1.0,\nfile:///etc/passwd\n"),
            'a drawing' => $file('BAD.PNG', static fn (): string => '<svg xmlns="http://www.w3.org/2000/svg"><image href="file:///etc/passwd"/></svg>'),
            'a file of ten gigabytes with nothing in it' => static function (string $folder): void {
                $sparse = fopen("{$folder}/BAD.JPG", 'w');
                assert($sparse !== false);
                ftruncate($sparse, 10_000_000_000);
                fclose($sparse);
            },
            'a raw file of ten gigabytes with nothing in it' => static function (string $folder): void {
                $sparse = fopen("{$folder}/BAD.NEF", 'w');
                assert($sparse !== false);
                ftruncate($sparse, 10_000_000_000);
                fclose($sparse);
            },
            'a file without permission' => static function (string $folder): void {
                file_put_contents("{$folder}/BAD.JPG", 'x');
                chmod("{$folder}/BAD.JPG", 0);
            },
            'a folder without permission' => static function (string $folder): void {
                mkdir("{$folder}/BAD", 0);
            },
            'a folder with a photo’s name' => static function (string $folder): void {
                mkdir("{$folder}/BAD.JPG");
            },
            'a pipe' => static function (string $folder): void {
                posix_mkfifo("{$folder}/BAD.JPG", 0o600);
            },
            'a link to itself' => static function (string $folder): void {
                symlink('BAD.JPG', "{$folder}/BAD.JPG");
            },
            'a link to nowhere' => static function (string $folder): void {
                symlink('/nowhere', "{$folder}/BAD.JPG");
            },
            'a link to what nobody may read' => static function (string $folder): void {
                symlink('/etc/shadow', "{$folder}/BAD.JPG");
            },
            'a link to a device without an end' => static function (string $folder): void {
                symlink('/dev/zero', "{$folder}/BAD.JPG");
            },
            'a link to the folder above' => static function (string $folder): void {
                symlink('..', "{$folder}/BAD");
            },
            'twenty folders in each other' => static function (string $folder): void {
                mkdir($deep = $folder . str_repeat('/BAD', 20), 0o700, true);
                file_put_contents("{$deep}/BAD.JPG", 'x');
            },
            'five thousand other files' => static function (string $folder): void {
                mkdir("{$folder}/BAD");
                for ($n = 0; $n < 5_000; $n++) {
                    touch("{$folder}/BAD/{$n}.TXT");
                }
            },
            'a name with a line’s end' => $file("BAD\n-if\nsystem('true')\n.JPG", static fn (): string => 'x'),
            'a name that is no UTF-8' => $file("BAD\xff\xfe.JPG", static fn (): string => 'x'),
            'names that are options' => static function (string $folder) use ($jpeg): void {
                foreach (['-if.JPG', '-@.JPG', '--.JPG', '%d.JPG', '$(true).JPG', 'true|.JPG', str_repeat('x', 251) . '.JPG'] as $name) {
                    file_put_contents("{$folder}/{$name}", $jpeg(60, 40));
                }
            },
        ];
        assert(count($folders) === 50);

        return $folders;
    }

    public static function jpeg(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        assert($image !== false);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    /** A picture of two kilobytes whose head says that it is larger. */
    public static function claiming(int $width, int $height): string
    {
        $jpeg = self::jpeg(60, 40);
        $at = (int) strpos($jpeg, "\xff\xc0") + 5;

        return substr_replace($jpeg, pack('nn', $height, $width), $at, 4);
    }

    private static function keeping(string $thumbnail): string
    {
        $entry = static fn (int $tag, int $type, int $value): string => pack('vvVV', $tag, $type, 1, $value);
        $tiff = "II*\0" . pack('V', 8) . pack('v', 0) . pack('V', 14) . pack('v', 3) . $entry(259, 3, 6) . $entry(513, 4, 56) . $entry(514, 4, strlen($thumbnail)) . pack('V', 0);
        $segment = "Exif\0\0{$tiff}{$thumbnail}";

        return self::JPEG_HEAD . "\xff\xe1" . pack('n', strlen($segment) + 2) . $segment . substr(self::jpeg(60, 40), 2);
    }

    private static function commented(string $words): string
    {
        return self::JPEG_HEAD . "\xff\xfe" . pack('n', strlen($words) + 2) . $words . substr(self::jpeg(60, 40), 2);
    }

    /** Rows of one bit a pixel, packed a thousand to one. */
    private static function png(int $width, int $height, ?int $rows = null): string
    {
        $chunk = static fn (string $kind, string $data): string => pack('N', strlen($data)) . $kind . $data . pack('N', crc32($kind . $data));
        $data = (string) gzcompress(str_repeat(str_repeat("\0", 1 + intdiv($width + 7, 8)), $rows ?? $height), 9);

        return "\x89PNG\r\n\x1a\n" . $chunk('IHDR', pack('NNCCCCC', $width, $height, 1, 0, 0, 0, 0)) . $chunk('IDAT', $data) . $chunk('IEND', '');
    }

    private static function looping(): string
    {
        return "II*\0" . pack('V', 8) . pack('v', 1) . pack('vvVV', 256, 4, 1, 8) . pack('V', 8);
    }
}
