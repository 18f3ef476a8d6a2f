<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateShot;
use App\Http\Requests\PlanFileForm;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\FileNames;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/**
 * Plan files in the open format, in and out.
 */
final class PlanFileController
{
    public function store(PlanFileForm $form, Shoot $shoot, CreateShot $createShot): RedirectResponse
    {
        $shot = $form->readBy(static fn (string $content): Shot => $createShot($shoot, PlanReader::fromJson($content), new Message('history.from_file')));

        return redirect($shot->path());
    }

    public function show(Shot $shot): Response
    {
        try {
            $json = PlanWriter::toJson($shot->currentRevision()->toPlan());
        } catch (InvalidInput) {
            // As it was kept: to be mended by hand.
            $json = $shot->currentRevision()->plan;
        }
        $name = FileNames::safe($shot->title(), 'plan.json');

        return response($json, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }
}
