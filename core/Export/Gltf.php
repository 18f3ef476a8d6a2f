<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

/**
 * The camera's path as a glTF 2.0 file with all its numbers in it: a head that slides along x and pans about y, and in it the camera that tilts
 * about x and looks along -z. Two animations have the same way, one in the time of the clip and one in real seconds. Units are metres and radians.
 */
final class Gltf
{
    private const FLOAT = 5126;
    /** Where the lens is not known, a camera needs some angle all the same. */
    private const USUAL_HEIGHT_DEGREES = 40.0;
    private const USUAL_SHAPE = 16 / 9;
    private const NEAR_METRES = 0.1;

    public static function of(Material $material, CameraPath $path): string
    {
        $points = $path->points;
        $first = $points[0] ?? ['slide' => 0.0, 'pan' => 0.0, 'tilt' => 0.0];
        $clip = array_column($points, 'clip');
        $real = array_column($points, 'real');
        // Times rise in each animation: of a clip that goes back, or that holds a photo, real seconds do not.
        $times = self::rises($real) ? ['clip' => $clip, 'real seconds' => $real] : ['clip' => $clip];
        $columns = [
            ...array_map(static fn (array $column): array => ['SCALAR', $column], array_values($times)),
            ['VEC3', self::flat(array_map(static fn (array $point): array => self::aside($point['slide']), $points))],
            // To the right is clockwise seen from above, and angles about y go the other way.
            ['VEC4', self::flat(array_map(static fn (array $point): array => self::turned(1, -$point['pan']), $points))],
            ['VEC4', self::flat(array_map(static fn (array $point): array => self::turned(0, $point['tilt']), $points))],
        ];
        $bytes = '';
        $views = $accessors = [];
        foreach ($columns as $n => [$type, $numbers]) {
            $views[] = ['buffer' => 0, 'byteOffset' => strlen($bytes), 'byteLength' => 4 * count($numbers)];
            $accessors[] = ['bufferView' => $n, 'componentType' => self::FLOAT, 'count' => count($points), 'type' => $type] + ($type === 'SCALAR' ? [
                'min' => [self::single(min([INF, ...$numbers]))], 'max' => [self::single(max([-INF, ...$numbers]))],
            ] : []);
            $bytes .= pack('g*', ...$numbers);
        }
        $ways = count($times);
        $animation = static fn (int $time, string $name): array => [
            'name' => $name,
            'samplers' => array_map(static fn (int $way): array => [
                'input' => $time, 'output' => $ways + $way, 'interpolation' => 'LINEAR',
            ], [0, 1, 2]),
            'channels' => [
                ['sampler' => 0, 'target' => ['node' => 0, 'path' => 'translation']],
                ['sampler' => 1, 'target' => ['node' => 0, 'path' => 'rotation']],
                ['sampler' => 2, 'target' => ['node' => 1, 'path' => 'rotation']],
            ],
        ];
        $perspective = [
            'yfov' => deg2rad($path->heightDegrees ?? self::USUAL_HEIGHT_DEGREES), 'aspectRatio' => $path->shape ?? self::USUAL_SHAPE,
            'znear' => self::NEAR_METRES,
        ];
        $title = $material->schedule->plan->title;

        return json_encode([
            'asset' => ['version' => '2.0', 'generator' => 'Evrent'],
            'scene' => 0,
            'scenes' => [['name' => $title, 'nodes' => [0]]],
            'nodes' => [
                ['name' => 'head', 'children' => [1], 'translation' => self::aside($first['slide']), 'rotation' => self::turned(1, -$first['pan'])],
                ['name' => 'camera', 'camera' => 0, 'rotation' => self::turned(0, $first['tilt'])],
            ],
            'cameras' => [['name' => $title, 'type' => 'perspective', 'perspective' => $perspective]],
            'animations' => array_map($animation, array_keys(array_keys($times)), array_keys($times)),
            'accessors' => $accessors,
            'bufferViews' => $views,
            'buffers' => [['byteLength' => strlen($bytes), 'uri' => 'data:application/octet-stream;base64,' . base64_encode($bytes)]],
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) . "\n";
    }

    /**
     * @return array{float, float, float}
     */
    private static function aside(float $metres): array
    {
        return [$metres, 0.0, 0.0];
    }

    /**
     * @param list<list<float>> $rows
     *
     * @return list<float>
     */
    private static function flat(array $rows): array
    {
        return array_merge(...$rows);
    }

    /**
     * @return array{float, float, float, float} a turn about x (0) or y (1)
     */
    private static function turned(int $axis, float $degrees): array
    {
        $half = deg2rad($degrees) / 2.0;

        return [$axis === 0 ? sin($half) : 0.0, $axis === 1 ? sin($half) : 0.0, 0.0, cos($half)];
    }

    /**
     * @param list<float> $times
     */
    private static function rises(array $times): bool
    {
        foreach ($times as $n => $time) {
            if ($n > 0 && self::single($time) <= self::single($times[$n - 1])) {
                return false;
            }
        }

        return true;
    }

    /** As a float of four bytes has it: what the file says of its numbers has to be what is in it. */
    private static function single(float $value): float
    {
        /** @var array{1: float} $is */
        $is = unpack('g', pack('g', $value));

        return $is[1];
    }
}
