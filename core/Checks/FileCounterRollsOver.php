<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Camera;

/**
 * L1: the camera's file counter goes from 9999 to 0001 in the middle of the shot, and sorting by name puts its end first.
 */
final class FileCounterRollsOver implements Check
{
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
            new Message('checks.file_counter_rolls_over.title'),
            new Message('checks.file_counter_rolls_over.shortfall', ['first' => $first]),
            new Message('checks.file_counter_rolls_over.sentence', [
                'first' => $first - 1,
                'highest_file_number' => Camera::HIGHEST_FILE_NUMBER,
                'first2' => $first,
                'photos' => Quantity::photos($photos - $first + 1),
            ]),
            $first,
            $photos - $first + 1,
            static fn (): array => $photos > Camera::HIGHEST_FILE_NUMBER ? [] : [new Remedy(
                'counter',
                new Message('checks.file_counter_rolls_over.reset'),
                new Message('checks.file_counter_rolls_over.empty'),
                $shot->plan->withCamera($camera->with(['nextFileNumber' => 1])),
            )],
        );
    }
}
