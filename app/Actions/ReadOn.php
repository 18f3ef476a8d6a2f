<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Models\TakeLine;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Shot\Shot as PlannedShot;
use Evrent\Devices\Photos\ExifTool;
use Evrent\Devices\Photos\PhotoFolder;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Reads the next photos of a reading. What was read is kept with how far it is, so that whoever goes on after a crash goes on there.
 */
final class ReadOn
{
    /** So many that starting exiftool costs little, and so few that how far it is shows. */
    private const AT_ONCE = 400;

    /** @return bool whether there is more to read */
    public function __invoke(CardReading $reading): bool
    {
        if ($reading->isOver()) {
            return false;
        }
        if ($reading->status === 'waiting') {
            $this->begin($reading);
        }
        $names = array_slice($reading->names, $reading->done, self::AT_ONCE);
        if ($names === []) {
            return $this->end($reading);
        }
        try {
            $told = (string) preg_replace('/\s*\n\s*/', '', ExifTool::read($reading->folder, $names));
        } catch (RuntimeException $failure) {
            $this->change($reading, ['status' => 'failed', 'trouble' => mb_substr($failure->getMessage(), 0, 500), 'ended_at' => now()]);

            return false;
        }
        $done = $reading->done;
        // Only from where it was read: whoever was faster has these already.
        CardReading::query()->whereKey($reading->id)->where('done', $done)->where('status', 'reading')->update([
            'told' => DB::raw('told || ' . DB::connection()->getPdo()->quote($told . "\n")),
            'done' => $reading->done = $done + count($names),
        ]);
        $reading->refresh();

        return !$reading->isOver();
    }

    private function begin(CardReading $reading): void
    {
        $files = PhotoFolder::files($reading->folder);
        $this->change($reading, [
            'status' => 'reading', 'names' => json_encode($files['photos'], JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR),
            'others' => json_encode(array_slice($files['others'], 0, 1_000), JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR),
            'files' => count($files['photos']), 'begun_at' => now(),
        ]);
    }

    private function end(CardReading $reading): bool
    {
        $shot = PlannedShot::of($reading->revision->toPlan());
        $planned = PlannedPhotos::of($shot);
        $take = $reading->take;
        if ($take !== null) {
            $lines = $take->lines()->get()->map(static fn (TakeLine $line): LogLine => $line->read())->all();
            $planned = PlannedPhotos::ofLog($shot, (float) ($take->begun_at ?? $take->created_at)->format('U.u'), array_values($lines));
        }
        $photos = $reading->photos();
        $skipped = array_map(static fn (string $file): array => ['file' => $file, 'why' => 'it is no photo'], $reading->others);
        $this->change($reading, [
            'status' => 'done', 'matched' => MatchJson::of(Matching::of($planned, $photos), [...$photos->skipped, ...$skipped]), 'ended_at' => now(),
        ]);

        return false;
    }

    /**
     * @param array<string, mixed> $changes
     */
    private function change(CardReading $reading, array $changes): void
    {
        CardReading::query()->whereKey($reading->id)->whereIn('status', ['waiting', 'reading'])->update($changes);
        $reading->refresh();
    }
}
