<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Backdrop;
use App\Models\Shot;
use Evrent\Core\Messages\Message;
use Evrent\Core\Optics\Backdrop as Photo;
use Evrent\Core\Optics\Finder;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Photos\Decoder;

/**
 * Keeps a photo from one end of a move for the finder, in place of the one before, or removes it.
 */
final class KeepBackdrop
{
    private const MOST_WIDTH = 1_600;
    private const MOST_PIXELS = 60_000_000;
    private const QUALITY = 85;

    /**
     * @param string                $end    first or last
     * @param string                $whence camera, check or file
     * @param string                $jpeg   as it came
     * @param ?array<string, float> $stands where the rig stood; null for where the plan has it
     *
     * @throws InvalidInput by the field /photo
     */
    public function __invoke(Shot $shot, string $end, string $whence, string $jpeg, ?array $stands): void
    {
        $plan = $shot->currentRevision()->toPlan();
        $optics = $plan->optics ?? throw new InvalidInput([new Problem('/photo', new Message('app.backdrop.no_picture'))]);
        $size = @getimagesizefromstring($jpeg);
        $image = $size === false || $size[2] !== IMAGETYPE_JPEG ? null : Decoder::image($jpeg, self::MOST_PIXELS);
        if ($size === false || $image === null) {
            throw new InvalidInput([new Problem('/photo', new Message('app.backdrop.unreadable'))]);
        }
        Photo::check($size[0], $size[1], $optics);
        $positions = array_replace($plan->move->end($end === 'first')->positions, $stands ?? []);
        $positions = array_intersect_key($positions, array_flip($plan->rig->axisIds()));
        $finder = new Finder($optics);
        Backdrop::query()->updateOrCreate(['shot_id' => $shot->id, 'end' => $end], [
            'whence' => $whence, 'jpeg' => base64_encode(self::small($jpeg, $size[0], $image)), 'pose' => Poses::at($plan, $positions),
            'positions' => (object) $positions, 'is_stood' => $stands !== null, 'half_width' => $finder->halfWidth, 'half_height' => $finder->halfHeight,
            'created_at' => now(),
        ]);
    }

    public function remove(Shot $shot, string $end): void
    {
        Backdrop::query()->where('shot_id', $shot->id)->where('end', $end)->delete();
    }

    private static function small(string $jpeg, int $width, \GdImage $image): string
    {
        $scaled = $width > self::MOST_WIDTH ? imagescale($image, self::MOST_WIDTH) : false;
        if ($scaled === false) {
            return $jpeg;
        }
        ob_start();
        imagejpeg($scaled, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
