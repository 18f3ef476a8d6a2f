<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Export\Xmp;
use Evrent\Devices\Files\ShotFile;
use Evrent\Words\Words;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use ZipArchive;

/**
 * A shot or its clip as files to take to other programs.
 */
final class ClipFiles
{
    /**
     * @throws \Evrent\Core\Values\InvalidInput where the shot has no such file
     */
    public static function response(ClipPage $page, ShotFile $file): Response
    {
        $shot = $page->shot;
        $text = $file->of($page->material(), $page->frames(), $shot->setup_minutes, $shot->teardown_minutes);
        $name = FileNames::of($page->plan, $file->ending());

        return response($text, 200, ['Content-Type' => $file->type(), 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }

    public static function sidecars(ClipPage $page): BinaryFileResponse
    {
        $material = $page->card?->material($page->card->offsets()) ?? $page->material();
        $path = (string) tempnam(sys_get_temp_dir(), 'evrent-xmp');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach (array_keys($material->files) as $number) {
            $zip->addFromString(Xmp::name($material, $number), Xmp::of($material, $number, Words::say(...)));
            // The same photos give the same bytes.
            $zip->setMtimeName(Xmp::name($material, $number), ShotFile::NO_TIME);
        }
        $zip->close();

        return response()->download($path, FileNames::of($page->plan, 'xmp.zip'))->deleteFileAfterSend();
    }
}
