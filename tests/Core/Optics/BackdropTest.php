<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use Evrent\Core\Optics\Backdrop;
use Evrent\Core\Optics\Finder;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

/**
 * A photo as something to look at from elsewhere along the move.
 */
final class BackdropTest extends TestCase
{
    private const POSE = ['x' => 0.4, 'yaw' => -23.0, 'pitch' => 11.0, 'roll' => 4.0];

    public function testSeenFromWhereItWasTakenEveryPointIsWhereItWas(): void
    {
        foreach ($this->seen(self::POSE, Optics::usual()) as [$row, $column, $place]) {
            self::assertEqualsWithDelta(2.0 * $column / Backdrop::COLUMNS - 1.0, $place[0], 1e-9);
            self::assertEqualsWithDelta(1.0 - 2.0 * $row / Backdrop::ROWS, $place[1], 1e-9);
        }
    }

    public function testTurnedOrZoomedItIsExactWhateverTheDistance(): void
    {
        $turned = ['yaw' => -15.0, 'pitch' => 5.0, 'roll' => 0.0] + self::POSE;
        $longer = Optics::usual()->with(['focalMillimetres' => 2.0 * Optics::usual()->focalMillimetres]);
        $near = $this->seen($turned, $longer, 0.5);
        $far = $this->seen($turned, $longer, 5_000.0);

        self::assertCount((Backdrop::COLUMNS + 1) * (Backdrop::ROWS + 1), $near);
        foreach ($near as $n => [, , $place]) {
            self::assertEqualsWithDelta($far[$n][2][0], $place[0], 1e-7);
            self::assertEqualsWithDelta($far[$n][2][1], $place[1], 1e-7);
        }
        // Twice the focal length shows half as much: straight ahead, the edge of a photo is as far out again.
        $edge = $this->seen(self::POSE, $longer)[intdiv(Backdrop::ROWS, 2) * (Backdrop::COLUMNS + 1)];
        self::assertEqualsWithDelta(-2.0, $edge[2][0], 1e-9);
    }

    public function testAlongTheSlideItMovesAsTheSubjectDoes(): void
    {
        $straight = ['x' => 0.0, 'yaw' => 0.0, 'pitch' => 0.0, 'roll' => 0.0];
        $finder = new Finder(Optics::usual());
        $points = (new Backdrop($straight, $finder->halfWidth, $finder->halfHeight))->points(20.0);
        $middle = $points[intdiv(Backdrop::ROWS, 2) * (Backdrop::COLUMNS + 1) + intdiv(Backdrop::COLUMNS, 2)];

        self::assertEqualsWithDelta([0.0, 0.0, 20.0], $middle, 1e-9);
        // A metre to the right, the subject 20 m away is a twentieth of the way to the left.
        self::assertEqualsWithDelta(-1.0 / 20.0, ($middle[0] - 1.0) / $middle[2], 1e-9);
    }

    public function testAPhotoOfAnotherShapeIsRefused(): void
    {
        $optics = Optics::usual();
        Backdrop::check($optics->imageWidthPixels, $optics->imageHeightPixels, $optics);
        Backdrop::check(160, 107, $optics);
        foreach ([[160, 120], [1920, 1080], [4000, 6000], [1, 0]] as [$width, $height]) {
            try {
                Backdrop::check($width, $height, $optics);
                self::fail("{$width} × {$height} was taken");
            } catch (InvalidInput $invalid) {
                self::assertStringContainsString("optics.backdrop.shape(widthPixels: {$width}, heightPixels: {$height}", $invalid->getMessage());
            }
        }
    }

    /**
     * @param array{x: float, yaw: float, pitch: float, roll: float} $pose from which it is looked at
     *
     * @return list<array{int, int, array{float, float}}> row, column, and where it falls
     */
    private function seen(array $pose, Optics $optics, float $metres = 20.0): array
    {
        $taken = new Finder(Optics::usual());
        $frame = new SkyFrame($optics);
        $seen = [];
        foreach ((new Backdrop(self::POSE, $taken->halfWidth, $taken->halfHeight))->points($metres) as $n => [$x, $y, $z]) {
            $across = $x - $pose['x'];
            $place = $frame->place(new Horizontal(rad2deg(atan2($across, $z)), rad2deg(atan2($y, hypot($across, $z)))), $pose, 0.0);
            self::assertNotNull($place);
            $seen[] = [intdiv($n, Backdrop::COLUMNS + 1), $n % (Backdrop::COLUMNS + 1), $place];
        }

        return $seen;
    }
}
