<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

/**
 * What a photo says of itself, as the segment of a JPEG file that cameras write (Exif 2.32: a TIFF of two directories).
 */
final class Exif
{
    private const SHORT = 3;
    private const LONG = 4;
    private const RATIONAL = 5;
    private const TEXT = 2;
    private const RAW = 7;

    /** Where the first directory begins, from the TIFF's own start. */
    private const FIRST = 8;

    /**
     * The JPEG with the segment put in behind its first two bytes.
     *
     * @param string $jpeg without one of its own
     */
    public static function into(string $jpeg, Taken $photo): string
    {
        $segment = "Exif\0\0" . self::tiff($photo);

        return substr($jpeg, 0, 2) . "\xff\xe1" . pack('n', strlen($segment) + 2) . $segment . substr($jpeg, 2);
    }

    private static function tiff(Taken $photo): string
    {
        $second = (int) floor($photo->cameraSeconds);
        $time = gmdate('Y:m:d H:i:s', $second);
        $part = sprintf('%03d', min(999, (int) (1000.0 * ($photo->cameraSeconds - $second))));
        $main = [
            0x010f => [self::TEXT, 'Evrent'],
            0x0110 => [self::TEXT, $photo->body],
            0x0112 => [self::SHORT, 1],
            0x0131 => [self::TEXT, 'simulated'],
            0x0132 => [self::TEXT, $time],
            0x8769 => [self::LONG, 0],
        ];
        $main[0x8769] = [self::LONG, self::FIRST + strlen(self::directory($main, self::FIRST))];
        $first = self::directory($main, self::FIRST);
        $details = [
            0x829a => [self::RATIONAL, self::rational($photo->exposureSeconds)],
            0x829d => [self::RATIONAL, self::rational($photo->fNumber)],
            0x8822 => [self::SHORT, 1],
            0x8827 => [self::SHORT, min(65_535, $photo->iso)],
            0x9000 => [self::RAW, '0232'],
            0x9003 => [self::TEXT, $time],
            0x9004 => [self::TEXT, $time],
            0x9290 => [self::TEXT, $part],
            0x9291 => [self::TEXT, $part],
            0x9292 => [self::TEXT, $part],
            0x920a => [self::RATIONAL, self::rational($photo->focalMillimetres)],
            0xa002 => [self::LONG, $photo->width],
            0xa003 => [self::LONG, $photo->height],
            0xa402 => [self::SHORT, 1],
            0xa403 => [self::SHORT, $photo->isWhiteBalanceAuto ? 0 : 1],
            0xa420 => [self::TEXT, $photo->uniqueId],
            0xa431 => [self::TEXT, $photo->serialNumber],
            0xa434 => [self::TEXT, $photo->lens],
        ];
        ksort($details);

        return 'II' . pack('vV', 42, self::FIRST) . $first . self::directory($details, self::FIRST + strlen($first));
    }

    /**
     * @param array<int, array{int, int|string|array{int, int}}> $entries by tag
     * @param int                                                $at      where it stands in the TIFF
     */
    private static function directory(array $entries, int $at): string
    {
        $head = pack('v', count($entries));
        $behind = '';
        $dataAt = $at + 2 + 12 * count($entries) + 4;
        foreach ($entries as $tag => [$type, $value]) {
            $data = match (true) {
                is_array($value) => pack('VV', ...$value),
                is_string($value) => $type === self::TEXT ? $value . "\0" : $value,
                default => pack($type === self::SHORT ? 'v' : 'V', $value),
            };
            $count = is_string($value) ? strlen($data) : 1;
            $head .= pack('vvV', $tag, $type, $count);
            if (strlen($data) <= 4) {
                $head .= str_pad($data, 4, "\0");
            } else {
                $head .= pack('V', $dataAt + strlen($behind));
                $behind .= $data . (strlen($data) % 2 === 1 ? "\0" : '');
            }
        }

        return $head . pack('V', 0) . $behind;
    }

    /**
     * A number as a fraction: 1/80 for what is one, else to a ten-thousandth.
     *
     * @return array{int, int}
     */
    private static function rational(float $value): array
    {
        $inverse = $value > 0.0 ? round(1.0 / $value) : 0.0;
        if ($value > 0.0 && $value < 0.4 && abs(1.0 / $inverse - $value) < 1e-6 * $value) {
            return [1, (int) $inverse];
        }

        return [(int) round($value * 10_000), 10_000];
    }
}
