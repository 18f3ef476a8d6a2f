<?php

declare(strict_types=1);

return [
    'between' => 'Enter :what from :least to :most.',
    'above_zero' => 'Enter :what above 0 and up to :most.',
];
