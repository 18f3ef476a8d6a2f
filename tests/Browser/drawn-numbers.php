<?php

declare(strict_types=1);

use Tests\Devices\DrawnNumbers;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

// drawn-numbers.php PHOTO … FILM: the numbers in the photos and in the frames of the film, as JSON.
$photos = array_slice($argv, 1, -1);
echo json_encode(['photos' => array_map(DrawnNumbers::ofPhoto(...), $photos), 'frames' => DrawnNumbers::ofFilm($argv[$argc - 1], $photos[0])]), "\n";
