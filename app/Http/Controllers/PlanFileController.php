<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateShot;
use App\Http\Responses\ShotResponse;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\FileNames;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/**
 * Plan files in the open format, in and out.
 */
final class PlanFileController
{
    /** A plan with hundreds of keyframes is well under this. */
    private const MOST_KILOBYTES = 1024;

    public function store(Request $request, Shoot $shoot, CreateShot $createShot): RedirectResponse
    {
        $message = sprintf('Choose a plan file (evrent.plan/1, JSON) of up to %d kB.', self::MOST_KILOBYTES);
        $request->validate(['file' => ['required', 'file', 'max:' . self::MOST_KILOBYTES]], ['file.*' => $message]);
        $file = $request->file('file');
        assert($file instanceof UploadedFile);
        try {
            $shot = $createShot($shoot, PlanReader::fromJson($file->getContent()), 'opened from a file');
        } catch (InvalidInput $invalid) {
            return redirect()->back()->withErrors(['file' => array_map(
                static fn (Problem $problem): string => trim("{$problem->pointer}: {$problem->message}", ': '),
                $invalid->problems,
            )]);
        }

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
