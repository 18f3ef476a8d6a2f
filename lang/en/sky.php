<?php

declare(strict_types=1);

return [
    'target' => [
        'sun' => 'sun',
        'moon' => 'moon',
        'galactic_centre' => 'galactic centre',
    ],
    'day_window' => [
        'daily' => 'Daily hours apply to every day: remove the day.',
        'other' => 'Enter an end time different from the start.',
    ],
    'horizon' => [
        'twice' => ':bearing° appears twice. Enter one height per bearing.',
        'most' => 'Enter up to :most_points bearings.',
        'two' => 'Enter at least two bearings, such as “80 5, 110 12”.',
        'gap' => 'from :gap° clockwise to :gap2°',
        'open' => 'Not measured, counted as open: :x.',
        'entry' => 'Enter “:entry” as a bearing from 0 to 360 and a height in degrees, such as “80 5” or “SW 3”.',
        'height' => 'Enter a height from :lowest_degrees° to :highest_degrees° at :bearing°.',
    ],
    'local_day' => [
        'date' => 'Enter an existing date from :first_year to :last_year, such as 2026-05-14.',
        'zone' => 'Enter a time zone name, such as Europe/Lisbon or UTC.',
        'skipped' => ':date did not exist in :zoneName: that day was skipped there. Choose another.',
    ],
    'site' => [
        'name' => 'Enter a place of up to :most_name_characters characters on one line.',
        'magnitude' => 'a night sky brightness in magnitudes',
    ],
    'start' => [
        'clock_only' => 'Remove the time: it is used only with the event clock.',
        'height' => 'a height above the horizon in degrees',
        'height_only' => 'Remove the height: it is used only with a body that rises or sinks to it.',
        'seconds' => 'seconds, up to a day,',
        'day' => '0 for the same day or 1 for the next,',
    ],
    'seen' => [
        'never' => ':clock, behind the skyline throughout',
        'over' => ':clock, over the skyline :seen',
        'behind' => ':clock, behind the skyline :seen',
    ],
    'skies' => [
        'remote' => 'remote, :magnitude',
        'country' => 'country, :magnitude',
        'village' => 'edge of a village, :magnitude',
        'suburb' => 'suburb, :magnitude',
        'town' => 'town, :magnitude',
        'city' => 'city, :magnitude',
        'typed' => 'as entered, :magnitude',
    ],
    'arrow' => [
        'sunrise' => 'sunrise',
        'sunset' => 'sunset',
        'moonrise' => 'moonrise',
        'moonset' => 'moonset',
        'galactic_centre' => 'galactic centre highest',
    ],
    'compass' => [
        'north' => 'north',
        'north_east' => 'north-east',
        'east' => 'east',
        'south_east' => 'south-east',
        'south' => 'south',
        'south_west' => 'south-west',
        'west' => 'west',
        'north_west' => 'north-west',
    ],
];
