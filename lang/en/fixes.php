<?php

declare(strict_types=1);

return [
    'expose' => 'Set exposure to :told',
    'shorten_exposures' => 'Shorten all exposures by :stops',
    'interval_s' => 'Set interval to :seconds s',
    'interval' => 'Set interval to :longest',
    'stop_for_each' => 'Use shoot-move-shoot',
    'controller_bulb' => 'Time exposures with the controller (bulb)',
    'spread' => 'Spread the move over :photos',
];
