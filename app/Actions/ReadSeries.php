<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Models\Take;
use App\Pages\PhotosPage;
use App\Pages\SeriesOnCard;
use Evrent\Core\Values\InvalidInput;

/**
 * Reads each series of a card for the take that it is of.
 */
final class ReadSeries
{
    public function __construct(private readonly ReadCard $read)
    {
    }

    /**
     * @return list<Take> that are read now
     *
     * @throws InvalidInput by /folder
     */
    public function __invoke(CardReading $reading): array
    {
        $takes = (new SeriesOnCard(new PhotosPage($reading->shot, $reading)))->unread();
        foreach ($takes as $take) {
            ($this->read)($take->shot, $reading->folder, $take);
        }

        return $takes;
    }
}
