<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Findings\Stage;
use Evrent\Core\Findings\Severity;
use Evrent\Words\Words;
use Illuminate\Http\Request;

/**
 * The views of a shot, one for each stage of the job.
 */
enum ShotView: string
{
    case Frame = 'frame';
    case Time = 'time';
    case Light = 'light';
    case Pack = 'pack';
    case Run = 'run';
    case Review = 'review';

    /** What stands in an address in the place of a view. */
    public const PATTERN = 'frame|time|light|pack|run|review';

    /** The view that an address without one shows. */
    public const FIRST = self::Time;

    /** The view that a page of this shot was on when it sent something. */
    public static function asked(Request $request): self
    {
        return preg_match('~/shots/\d+/(' . self::PATTERN . ')(?=$|[?#])~', (string) $request->headers->get('referer'), $found) === 1
            ? self::from($found[1]) : self::FIRST;
    }

    public function label(): string
    {
        return Words::of("app.view.{$this->value}");
    }

    public function icon(): string
    {
        return match ($this) {
            self::Frame => 'maximize-2',
            self::Time => 'clock',
            self::Light => 'sun-medium',
            self::Pack => 'package',
            self::Run => 'play',
            self::Review => 'list-checks',
        };
    }

    /** Its key, with Alt. */
    public function key(): int
    {
        return match ($this) {
            self::Frame => 1,
            self::Time => 2,
            self::Light => 3,
            self::Pack => 4,
            self::Run => 5,
            self::Review => 6,
        };
    }

    /** Whether what was found is seen, and mended, here. Everything that was found stands in Review too. */
    public function concerns(Finding $finding): bool
    {
        return in_array(Stage::tryFrom($this->value), $finding->id->about()->stages ?? [], true);
    }

    /** Whether it is told here. */
    public function tells(NotChecked $one): bool
    {
        return in_array($one, match ($this) {
            self::Frame => [NotChecked::Lens, NotChecked::Facing],
            self::Time, self::Run => [],
            self::Light => [NotChecked::Site, NotChecked::Start, NotChecked::Light],
            self::Pack => [NotChecked::Cards, NotChecked::CameraPower, NotChecked::RigPower],
            self::Review => NotChecked::cases(),
        }, true);
    }

    /** Where something is told that a verdict does not cover yet. */
    public static function whichTells(NotChecked $one): self
    {
        foreach ([self::Frame, self::Light, self::Pack] as $view) {
            if ($view->tells($one)) {
                return $view;
            }
        }

        return self::Review;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding> that stand beside what is set here
     */
    public function among(array $findings): array
    {
        return array_values(array_filter($findings, $this->concerns(...)));
    }

    /**
     * How it stands here: the worst that was found, or "open" while something is not told.
     *
     * @return 'stops'|'look'|'open'|'fine'
     */
    public function mark(ShotPage $page): string
    {
        $severities = array_column(match ($this) {
            self::Review => $page->report->findings,
            default => $this->among($page->report->findings),
        }, 'severity');
        $isOpen = array_filter($page->report->verdict->notChecked, $this->tells(...)) !== [];

        return match (true) {
            in_array(Severity::Error, $severities, true), $this === self::Run && !$page->report->verdict->works() => 'stops',
            in_array(Severity::Warning, $severities, true) => 'look',
            $this === self::Run => $page->isRehearsed() ? 'fine' : 'open',
            $isOpen => 'open',
            default => 'fine',
        };
    }

    /** A mark in words. */
    public function told(string $mark): string
    {
        return match ($mark) {
            'stops' => Words::of('app.view.fails'),
            'look' => Words::of('app.view.look'),
            'open' => $this === self::Run ? Words::of('app.view.not_simulated') : Words::of('app.view.not_checked'),
            default => Words::of('app.view.fine'),
        };
    }
}
