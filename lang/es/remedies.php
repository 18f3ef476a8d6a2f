<?php

declare(strict_types=1);

return [
    'fixed' => 'Ya está corregido.',
    'done' => ':fix: hecho.',
    'done_reverse_clip' => ':fix: hecho. Este plano tiene una lista de fotogramas: inviértela en Clip cuando sus fotos sean de este movimiento.',
    'nothing' => 'nada que corregir',
    'change' => ':finding: :fix',
];
