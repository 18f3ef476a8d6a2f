<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Actions\RecordTake;
use App\Models\CardReading;
use App\Models\Film;
use App\Models\Setting;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\Settings;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Running\Appended;
use Evrent\Words\Catalogue;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Core\Plans;

/**
 * Every page in the pseudo-language, which has each text of the catalogue in brackets: a word outside them is written somewhere else, and so
 * is a key where a message was made a string without its words.
 */
final class PseudoLanguageTest extends PageTestCase
{
    use ShootsInVirtualTime;

    /** What people have named, and what is the same in every language: units, devices' own names, formats, names of the trade. */
    private const NAMES = '~\b(?:Evrent|log2|log10|ISO|EV|ND|fps|mm|cm|km|kg|min|ms|px|Wh|Ah|mAh|GB|MB|kB|lux|ppm|mag|UTC|JPEG|USB-C|SW|English|Español|'
        . 'Alt|Shift|Ctrl|Home|End|Del|Europe/London|\d+ \w+ ago)\b~';

    /** Interval and exposure that change along the run, three keyframes, and a custom easing. */
    private const KEYED = [
        '/timing/interval_s' => [['at' => 0, 'interval_s' => 3], ['at' => 0.4, 'interval_s' => 6], ['at' => 1, 'interval_s' => 9]],
        '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.1], ['at' => 0.5, 'exposure_s' => 0.4], ['at' => 1, 'exposure_s' => 1]],
        '/move/keyframes' => [
            ['at' => 0, 'slide' => 0, 'pan' => 0, 'tilt' => 0, 'easing' => ['shape' => 'quintic', 'ramp_in' => 0.1, 'ramp_out' => 0.1]],
            ['at' => 0.5, 'slide' => 300, 'pan' => 5, 'tilt' => 1], ['at' => 1, 'slide' => 900, 'pan' => 30, 'tilt' => 2],
        ],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withHeaders(['Accept-Language' => Catalogue::PSEUDO]);
    }

    /**
     * @return iterable<Shot> with much to say: everything set, and much that fails
     */
    private static function shots(): iterable
    {
        $everything = [
            '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -600], '/optics' => Plans::OPTICS + ['focal_mm' => 24, 'focus_m' => 3],
            '/light' => ['aperture' => 5.6, 'iso' => 100, 'nd_stops' => 3], '/storage' => ['raw_mb' => 40, 'cards_gb' => [8], 'slots' => 'copy'],
            '/power' => ['camera' => ['battery_wh' => 2], 'rig' => ['battery_wh' => 3]], '/load' => ['camera_kg' => 3, 'incline_deg' => 40, 'thrust_n' => 20, 'legs_rating_kg' => 2],
            '/scene' => ['troubles' => [['kind' => 'people', 'from' => '19:05', 'to' => '19:10']], 'plan_b' => '1'],
            '/settings' => ['white_balance' => 'by_clock', 'white_balance_k' => 5200, 'white_balance_end_k' => 3200, 'focus' => 'auto', 'beep' => true],
            '/lead' => ['rig_gives' => 'jack_2_5', 'body_takes' => 'round_pins'], '/title' => '7',
        ];
        yield app(CreateShot::class)(self::shoot(), Plans::with($everything), '1');
        yield app(CreateShot::class)(self::shoot(), Plans::with(['/timing/interval_s' => 2, '/timing/exposure_s' => 1, '/end' => ['by' => 'card']] + $everything), '2');
        yield app(CreateShot::class)(self::shoot(), Plans::with(['/move/keyframes/1/slide' => 1400] + $everything), '3');
        yield app(CreateShot::class)(self::shoot(), Plans::with(['/timing/mode' => 'continuous', '/trigger' => ['by' => 'camera_timer'], '/title' => '8']), '4');
        yield app(CreateShot::class)(self::shoot(), Plans::with(self::KEYED + $everything), '5');
    }

    public function testNoPageHasAWordOutsideTheCatalogue(): void
    {
        $found = [];
        foreach (self::shots() as $shot) {
            self::assertInstanceOf(Shot::class, $shot);
            $typed = self::typed();
            $pages = ['', '/frame', '/time', '/light', '/pack', '/run', '/review', '/history', '/schedule', '/schools', '/lenses', '/crossing', '/sums', '/clip', '/photos', '/takes'];
            $run = (string) $this->post("{$shot->path()}/runs", ['kind' => 'missed_trigger', 'frame' => '5'])->headers->get('Location');
            foreach (
                [$run, ...array_map(static fn (string $page): string => $shot->path() . $page, $pages), '/', '/kit', '/presets', '/settings', '/nowhere',
                ...array_map(static fn (string $page): string => "/shoots/{$shot->shoot_id}{$page}", ['', '/packing', '/sheet', '/cards', '/together', '/trials', '/day.ics'])] as $path
            ) {
                $response = $this->get($path);
                self::assertContains($response->getStatusCode(), [200, 302, 404], $path);
                foreach (self::foreign(strtr(html_entity_decode((string) $response->getContent()), $typed)) as $words) {
                    $found[$words] ??= $path;
                }
            }
        }
        self::assertSame([], $found);
    }

    /** A take in which much went wrong, the card it was read from, and its clip. */
    public function testNoPageOfATakeItsCardAndItsClipHasAWordOutsideTheCatalogue(): void
    {
        $folder = sys_get_temp_dir() . '/evrent-words-' . bin2hex(random_bytes(6));
        mkdir($folder);
        Setting::query()->create(['name' => Settings::FOLDERS, 'value' => $folder]);
        try {
            $shot = self::shot(['/timing/photos' => 24, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
            $faults = [
                new Fault(FaultKind::MissedTrigger, 5), new Fault(FaultKind::Flicker, 1, photos: 24, percent: 40.0), new Fault(FaultKind::Bump, 12, percent: 3.0),
                new Fault(FaultKind::ClockOffset, 1, seconds: 3_600.0),
            ];
            self::shootTo("{$folder}/card", $shot->currentRevision()->toPlan(), $faults);
            $take = $this->takeOf($shot);
            $this->post("{$shot->path()}/photos", ['folder' => "{$folder}/card", 'take' => (string) $take->id])->assertSessionHasNoErrors();
            $reading = CardReading::query()->sole();
            $this->put($reading->at('mark'), ['from' => '8', 'to' => '9', 'mark' => 'spoilt', 'why' => '1'])->assertSessionHasNoErrors();
            $this->post($shot->at('clip.spans.store'), ['from' => '2', 'to' => '10', 'factor' => '2']);
            $this->post($shot->at('films.store'), ['anyway' => 'yes']);
            // Files, formats and addresses are called the same in every language.
            $named = array_fill_keys(
                [$folder, '.JPG', '.jpg', '.mp4', 'DCIM/100EVRNT/', 'EVR', 'ptp:', 'evrent.match/1', 'SHA-256', '/numbered', 'lood-tide-at-the-mill-race', Film::query()->sole()->sha256],
                '',
            );
            $found = [];
            $paths = ["{$shot->path()}/takes", $take->at('takes.show'), $take->at('takes.log'), "{$shot->path()}/photos", $shot->at('clip.show')];
            foreach ([...$paths, ...array_map(static fn (int $n): string => $reading->at('photo', number: $n), [1, 5, 8, 12])] as $path) {
                $page = $this->get($path)->assertOk();
                $content = $path === $take->at('takes.log') ? '' : (string) $page->getContent();
                foreach (self::foreign(strtr(html_entity_decode($content), [...self::typed(), ...$named])) as $words) {
                    $found[$words] ??= $path;
                }
            }
            self::assertSame([], $found);
        } finally {
            array_map(static fn (Film $film): bool => @unlink($film->path()), Film::query()->where('file', '!=', '')->get()->all());
            (new Process(['rm', '-rf', $folder]))->mustRun();
        }
    }

    private function takeOf(Shot $shot): Take
    {
        $begun = 60.0;
        $take = Take::query()->create([
            'shot_id' => $shot->id, 'plan_revision_id' => $shot->refresh()->current_revision_id, 'rig_address' => '127.0.0.1:7801', 'camera_address' => 'ptp:127.0.0.1:1',
            'setting' => [], 'status' => Status::Ended, 'ending' => Ending::Incomplete, 'begun_at' => now(), 'ended_at' => now(),
        ]);
        $lines = [new LogLine(LogKind::Started, $begun, null, ['due' => $begun])];
        foreach (Schedule::of($shot->currentRevision()->toPlan())->timeline->triggerSeconds as $n => $trigger) {
            [$photo, $at] = [$n + 1, $begun + $trigger + ($n === 6 ? 9.0 : 0.0)];
            $lines[] = new LogLine(LogKind::Intent, $at, $photo, ['due_s' => $begun + $trigger]);
            $lines[] = new LogLine(LogKind::Outcome, $at, $photo, [
                'state' => $photo === 11 ? 'uncertain' : 'triggered', 'due_s' => $begun + $trigger, 'triggered_s' => $at, 'closed_s' => $at + 0.9, 'late_s' => $at - $begun - $trigger,
                'off_stops' => $photo === 14 ? 1.5 : null,
            ]);
            $lines[] = match ($photo) {
                5 => new LogLine(LogKind::NotTaken, $at + 2.0, 5, ['why' => new Message('devices.run.nothing_taken', ['photo' => 5])]),
                7 => new LogLine(LogKind::Alarm, $at, 7, ['about' => 'late', 'says' => new Message('devices.run.held_again')]),
                default => new LogLine(LogKind::Confirmed, $at + 2.0, $photo, ['object' => sprintf('/DCIM/100EVRNT/EVR_%04d.JPG', $photo)]),
            };
        }
        $lines[] = new LogLine(LogKind::Mark, $begun + 60.0, 9, ['why' => '1']);
        $lines[] = new LogLine(LogKind::Command, $begun + 61.0, null, ['order' => 'pause', 'by' => 'evrent']);
        $lines[] = new LogLine(LogKind::Command, $begun + 70.0, null, ['order' => 'go_on', 'by' => 'evrent']);
        $lines[] = new LogLine(LogKind::Gap, $begun + 80.0, null, ['rig' => 'there', 'why' => new Message('devices.run.interrupted')]);
        $lines[] = new LogLine(LogKind::Ended, $begun + 400.0, null, ['how' => 'incomplete', 'why' => null]);
        $store = RecordTake::holding($take->fresh() ?? $take);
        self::assertNotNull($store);
        $take->forceFill(['status' => Status::Running])->save();
        foreach ($lines as $n => $line) {
            self::assertSame(Appended::Stored, $store->append($line, $n + 1));
        }
        $store->letGo();

        return $take->refresh();
    }

    /**
     * @return array<string, string> nothing, for whatever people have named and noted
     */
    private static function typed(): array
    {
        $titles = array_map(static fn (Shot $shot): string => $shot->title(), Shot::query()->with('revision')->get()->all());
        $picked = array_merge(...array_map(
            static fn (Shot $shot): array => array_column($shot->currentRevision()->toPlan()->kit, 'name'),
            array_values(Shot::query()->with('revision')->get()->all()),
        ));
        $typed = array_fill_keys(array_filter([...$titles, ...$picked], static fn (string $name): bool => mb_strlen($name) > 2), '');
        foreach (['shoots' => ['name', 'place'], 'kit_items' => ['name'], 'presets' => ['name', 'note'], 'day_events' => ['label']] as $table => $columns) {
            foreach (DB::table($table)->get($columns)->all() as $row) {
                foreach ((array) $row as $text) {
                    $typed += is_string($text) && mb_strlen($text) > 2 ? [$text => '', strtr($text, [',' => '\\,']) => '', mb_strtoupper(mb_substr($text, 0, 1)) . mb_substr($text, 1) => ''] : [];
                }
            }
        }

        return $typed;
    }

    /**
     * @return list<string> what a page says in words that are not of the catalogue; keys, and arguments that were not filled in
     */
    private static function foreign(string $page): array
    {
        $html = (string) preg_replace('~<(script|style|svg:style)\b.*?</\1>~s', '', $page);
        preg_match_all('~\s(?:title|aria-label|aria-description|alt|placeholder|label|data-says|data-label)="([^"]*)"~', $html, $attributes);
        $texts = [...explode("\n", (string) preg_replace('~<(?:"[^"]*"|[^>"])*>~', "\n", $html)), ...$attributes[1]];
        $foreign = [];
        // What scripts are given: a quantity or message that nobody put into words.
        preg_match_all('~\{"(?:form|key)":"[a-z_.]+","(?:value|arguments)":.{0,60}~', html_entity_decode($page), $unsaid);
        $text = html_entity_decode(implode("\n", $texts));
        preg_match_all(self::keys(), $text, $keys);
        preg_match_all('~(?<![\w:/"]):[a-z_]\w+~', $text, $unfilled);
        do {
            // What was put into a text and was no message.
            $text = (string) preg_replace_callback('~⟪([^⟪⟫⟦⟧]*)⟫~u', static function (array $put) use (&$foreign): string {
                if (preg_match('~\p{L}{2,}~u', (string) preg_replace(self::NAMES, '', $put[1])) === 1) {
                    $foreign[] = "put in: {$put[1]}";
                }

                return '';
            }, $text, -1, $marked);
            $text = (string) preg_replace('~⟦[^⟦⟧⟪⟫]*⟧~u', '', $text, -1, $count);
        } while ($count + $marked > 0);
        foreach (explode("\n", $text) as $line) {
            // Of a calendar, what is read: its other lines are the format's.
            if (preg_match('~^(?!SUMMARY|DESCRIPTION|LOCATION)[A-Z-]+[:;]~', $line) === 0 && preg_match('~\p{L}{2,}~u', (string) preg_replace([self::NAMES, '~^(?:SUMMARY|DESCRIPTION|LOCATION)~'], '', $line)) === 1) {
                $foreign[] = trim($line);
            }
        }

        return [...$foreign, ...$keys[0], ...$unfilled[0], ...$unsaid[0]];
    }

    private static function keys(): string
    {
        $groups = glob(base_path('lang/en/*.php'));
        self::assertIsArray($groups);

        return '~\b(?:' . implode('|', array_map(static fn (string $file): string => basename($file, '.php'), $groups)) . ')\.[a-z_]+(?:\.[a-z_]+|\()\S*~i';
    }
}
