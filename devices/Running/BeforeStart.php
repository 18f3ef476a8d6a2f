<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Run\Before\Contradiction;
use Evrent\Core\Run\Before\Contradictions;
use Evrent\Core\Run\Before\Readout;
use Evrent\Core\Run\Before\RigReport;
use Evrent\Core\Run\DevicesSay;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\SetsBody;
use Evrent\Devices\Links\SetsUp;
use Evrent\Devices\Links\TellsOfItself;

/**
 * Before the first photo: reads what the devices tell, keeps what contradicts the plan, and sets what somebody wants set.
 */
final readonly class BeforeStart
{
    /**
     * @param list<Axis> $kitAxes of the rig as the kit has it: for one that reports nothing itself
     * @param ?Closure(list<Contradiction>): ?array<string, ?string> $answers to all at once, where nobody stands by to answer: null for those that are
     *                                                                        to be set, else why they are used as they are, by what they are about;
     *                                                                        null refuses the start
     */
    public function __construct(
        private TakeLog $log,
        private Schedule $schedule,
        private Setting $setting,
        private ?RigLink $rig,
        private CameraLink $camera,
        private RunClock $clock,
        private ?Closure $answers,
        private array $kitAxes = [],
    ) {
    }

    /**
     * @return bool false where the start is refused
     *
     * @throws \Evrent\Devices\Links\DeviceGone
     */
    public function look(): bool
    {
        $found = [];
        foreach (Contradictions::of($this->schedule, $this->readout(), $this->setting->hasRig) as $one) {
            // What somebody uses as it is, is not asked for again.
            if (!in_array($this->log->state->resolved[$one->about] ?? '', ['as_is', 'set'], true)) {
                $found[$one->about] = $one;
            }
        }
        foreach (array_diff_key($this->log->state->contradictions, $found) as $about => $gone) {
            $this->log->write(LogKind::Resolved, null, ['about' => $about, 'how' => 'gone']);
        }
        foreach ($found as $one) {
            if (($this->log->state->contradictions[$one->about]->says ?? null) !== $one->says) {
                $this->log->write(LogKind::Contradiction, null, $one->fields());
            }
        }
        if ($this->answers === null || $found === []) {
            return true;
        }
        $answers = ($this->answers)(array_values($found));
        foreach ($answers ?? [] as $about => $because) {
            if ($because === null) {
                $this->log->write(LogKind::Command, null, ['order' => Order::SetIt->value, 'about' => $about]);
            } else {
                $this->useAsIs($about, $because);
            }
        }

        return $answers !== null;
    }

    public function useAsIs(string $about, string $because): void
    {
        $one = $this->log->state->contradictions[$about] ?? null;
        if ($one !== null && !$one->isRefused) {
            $this->log->write(LogKind::Resolved, null, ['about' => $about, 'how' => 'as_is', 'because' => $because === '' ? null : $because]);
        }
    }

    /** @throws \Evrent\Devices\Links\DeviceGone */
    public function setIt(string $about): void
    {
        $why = null;
        try {
            match (true) {
                $about === Contradictions::FOCUS && $this->camera instanceof SetsUp => $this->camera->focusManually(),
                $about === Contradictions::CLOCK && $this->camera instanceof SetsUp => $this->camera->setClock($this->wallSeconds($this->zones()[0])),
                // Homing and driving to photo 1 are the take's next steps.
                default => null,
            };
        } catch (DeviceRefused $refused) {
            $why = $refused->says;
        }
        $still = $about === Contradictions::RIG ? [] : array_filter(
            Contradictions::of($this->schedule, $this->readout(), $this->setting->hasRig),
            static fn (Contradiction $one): bool => $one->about === $about,
        );
        if ($still === []) {
            $this->log->write(LogKind::Resolved, null, ['about' => $about, 'how' => 'set']);

            return;
        }
        $this->log->write(LogKind::Contradiction, null, ['about' => $about, 'says' => Joined::of([
            new Message('devices.run.not_set'), $why, array_values($still)[0]->says,
        ], Joined::SENTENCES)]);
    }

    private function readout(): Readout
    {
        $tells = $this->camera->tells();
        $status = $this->setting->hasRig ? $this->rig?->status() : null;

        return new Readout(
            new DevicesSay(
                $status?->knowsItsPlace(),
                $status?->battery,
                $tells ? $this->camera->batteryPercent() : null,
                $tells ? $this->camera->photosLeft() : null,
                $tells ? $this->camera->settings() : [],
            ),
            $this->rig?->report() ?? ($this->kitAxes === [] ? null : RigReport::ofKit($this->kitAxes, $this->rig?->letters() ?? [])),
            $this->rig?->letters() ?? [],
            $status !== null && $status->knowsItsPlace() ? $status->positions : [],
            $tells ? $this->clockAhead() : null,
            microtime(true) + max(0.0, $this->setting->startAt - $this->clock->now()) / $this->clock->speed,
            $this->camera instanceof SetsUp && $tells ? $this->camera->settable() : [],
            $this->setting->setsBody && $this->camera instanceof SetsBody,
        );
    }

    /** By how much the camera's clock is ahead, in the time zone in which that is least: it may be set to home, to the place, or to UTC. */
    private function clockAhead(): ?float
    {
        $shows = $this->camera->clock();
        if ($shows === null) {
            return null;
        }
        $ahead = null;
        foreach ($this->zones() as $zone) {
            $off = $shows - $this->wallSeconds($zone);
            $ahead = $ahead === null || abs($off) < abs($ahead) ? $off : $ahead;
        }

        return $ahead;
    }

    private function wallSeconds(DateTimeZone $zone): float
    {
        $now = microtime(true);
        $ahead = $this->camera instanceof TellsOfItself ? $this->camera->worldAhead() : 0.0;

        return $now + $ahead + $zone->getOffset(new DateTimeImmutable('@' . (int) $now));
    }

    /** @return non-empty-list<DateTimeZone> the place's first */
    private function zones(): array
    {
        $localtime = (string) @readlink('/etc/localtime');
        $names = [$this->schedule->plan->site?->zone, preg_replace('~^.*/zoneinfo/~', '', $localtime), date_default_timezone_get()];
        $zones = [];
        foreach ($names as $name) {
            try {
                $zones = $name === null || $name === '' ? $zones : [...$zones, new DateTimeZone($name)];
            } catch (\Exception) {
                // This machine is set to none that is known.
            }
        }

        return [...$zones, new DateTimeZone('UTC')];
    }
}
