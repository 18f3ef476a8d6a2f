<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Words\PlainText;

/**
 * L1: the camera's file counter goes from 9999 to 0001 in the middle of the shot, and sorting by name puts its end first.
 */
final class FileCounterRollsOver implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Pack],
            ['/camera/next_file_number', '/trigger/camera_photos'],
            unmended: 'Reset the camera’s file counter, or sort the photos by the time they were taken.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $camera = $shot->plan->camera;
        $photos = $shot->plan->photosProgrammed();
        $first = Camera::HIGHEST_FILE_NUMBER - ($camera->nextFileNumber ?? 1) + 2;
        if ($first > $photos) {
            return null;
        }

        return new Finding(
            FindingId::FileCounterRollsOver,
            Severity::Look,
            'The file counter rolls over during the shot',
            'at photo ' . $first,
            sprintf(
                'Photo %d is file %d and photo %d is file 0001: sorted by name, the last %s come first.',
                $first - 1,
                Camera::HIGHEST_FILE_NUMBER,
                $first,
                PlainText::photos($photos - $first + 1),
            ),
            $first,
            $photos - $first + 1,
            static fn (): array => $photos > Camera::HIGHEST_FILE_NUMBER ? [] : [new Remedy(
                'counter',
                'Set the camera’s counter back to 0001 first',
                'use an empty folder or card',
                $shot->plan->withCamera($camera->with(['nextFileNumber' => 1])),
            )],
        );
    }
}
