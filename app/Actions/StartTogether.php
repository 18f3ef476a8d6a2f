<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Take;
use App\Pages\ShotPage;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\GapSchool;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\DeviceAddress;
use Evrent\Words\Words;
use Illuminate\Support\Facades\DB;

/**
 * Starts takes of shots of one shoot at once, each on its own rig and camera: all of them, or none. Once they run, none knows of the others.
 */
final readonly class StartTogether
{
    public function __construct(private StartTake $startTake)
    {
    }

    /**
     * @param array<string, StartOfOne> $starts by row of the form
     *
     * @return list<Take>
     *
     * @throws InvalidInput with pointers such as /second/rig
     */
    public function __invoke(array $starts, string $reason, float $worldSpeed): array
    {
        self::unlessApart($starts);

        return DB::connection()->transaction(function () use ($starts, $reason, $worldSpeed): array {
            $takes = [];
            foreach ($starts as $row => $start) {
                try {
                    $falls = !ShotPage::of($start->shot)->report->verdict->works();
                    $takes[] = ($this->startTake)(
                        $start->shot,
                        $start->rig,
                        $start->camera,
                        $start->delaySeconds,
                        GapSchool::Place,
                        null,
                        $reason,
                        $falls,
                        WhenOut::Wait,
                        $worldSpeed,
                    );
                } catch (InvalidInput $invalid) {
                    throw new InvalidInput(array_map(static fn (Problem $problem): Problem => new Problem(
                        $problem->pointer === '/reason' ? '/reason' : "/{$row}{$problem->pointer}",
                        Words::say($problem->message),
                    ), $invalid->problems));
                }
            }

            return $takes;
        });
    }

    /**
     * @param array<string, StartOfOne> $starts
     *
     * @throws InvalidInput
     */
    private static function unlessApart(array $starts): void
    {
        $seen = [];
        foreach ($starts as $row => $start) {
            $keys = array_filter([
                'shot' => (string) $start->shot->id, 'rig' => $start->rig === null ? null : DeviceAddress::ofRig($start->rig[0]),
                'camera' => DeviceAddress::ofCamera($start->camera),
            ], is_string(...));
            foreach ($keys as $field => $key) {
                if (isset($seen[$field][$key])) {
                    $says = $field === 'shot'
                        ? new Message('app.start_together.two')
                        : new Message("app.start_together.same_{$field}");
                    throw new InvalidInput([new Problem("/{$row}/{$field}", $says)]);
                }
                $seen[$field][$key] = true;
            }
        }
    }
}
