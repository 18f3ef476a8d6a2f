<?php

declare(strict_types=1);

return [
    // How many times as fast as the world the simulated devices of this copy are, and so its takes: 1 with real ones.
    'world_speed' => (float) env('EVRENT_SPEED', 1.0),
    // Folders below which photos may lie, besides homes and what is plugged in; colons between them.
    'photo_roots' => (string) env('EVRENT_PHOTOS', ''),
    // The folder in which its services note when they started; empty where none run.
    'run' => (string) env('EVRENT_RUN', ''),
    // Where the simulated rig and camera of this copy are reached; empty where none run.
    'rig_address' => (string) env('EVRENT_RIG', ''),
    // The folder that is the simulated camera's card; empty where none runs.
    'card' => (string) env('EVRENT_CARD', ''),
    'camera_address' => (string) env('EVRENT_CAMERA', ''),
];
