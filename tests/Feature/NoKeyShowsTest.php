<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Models\Shot;
use Tests\Core\Plans;

/**
 * Where a message is made a string without words, its key stands on the page: nowhere does it.
 */
final class NoKeyShowsTest extends PageTestCase
{
    /**
     * @return iterable<Shot> with much to say: everything set, and much that fails
     */
    private static function shots(): iterable
    {
        $everything = [
            '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -600], '/optics' => Plans::OPTICS + ['focal_mm' => 24, 'focus_m' => 3],
            '/light' => ['aperture' => 5.6, 'iso' => 100, 'nd_stops' => 3], '/storage' => ['raw_mb' => 40, 'cards_gb' => [8], 'slots' => 'copy'],
            '/power' => ['camera' => ['battery_wh' => 2], 'rig' => ['battery_wh' => 3]], '/load' => ['camera_kg' => 3, 'incline_deg' => 40, 'thrust_n' => 20, 'legs_rating_kg' => 2],
            '/scene' => ['troubles' => [['kind' => 'people', 'from' => '19:05', 'to' => '19:10']], 'plan_b' => 'the sea wall'],
            '/settings' => ['white_balance' => 'by_clock', 'white_balance_k' => 5200, 'white_balance_end_k' => 3200, 'focus' => 'auto', 'beep' => true],
            '/lead' => ['rig_gives' => 'jack_2_5', 'body_takes' => 'round_pins'],
        ];
        yield app(CreateShot::class)(self::shoot(), Plans::with($everything), 'as it is');
        yield app(CreateShot::class)(self::shoot(), Plans::with(['/timing/interval_s' => 2, '/timing/exposure_s' => 1, '/end' => ['by' => 'card']] + $everything), 'too fast');
        yield app(CreateShot::class)(self::shoot(), Plans::with(['/move/keyframes/1/slide' => 1400] + $everything), 'beyond its travel');
        yield app(CreateShot::class)(self::shoot(), Plans::with(['/timing/mode' => 'continuous', '/trigger' => ['by' => 'camera_timer']]), 'on its own');
    }

    public function testNoPageShowsAKey(): void
    {
        $found = [];
        foreach (self::shots() as $shot) {
            self::assertInstanceOf(Shot::class, $shot);
            $pages = ['', '/frame', '/time', '/light', '/pack', '/run', '/review', '/history', '/schedule', '/schools', '/lenses', '/crossing', '/sums', '/clip', '/photos', '/takes'];
            $run = (string) $this->post("{$shot->path()}/runs", ['kind' => 'missed_trigger', 'frame' => '5'])->headers->get('Location');
            foreach (
                [$run, ...array_map(static fn (string $page): string => $shot->path() . $page, $pages), '/', '/kit', '/presets', '/settings',
                ...array_map(static fn (string $page): string => "/shoots/{$shot->shoot_id}{$page}", ['', '/packing', '/sheet', '/cards', '/together', '/trials', '/day.ics'])] as $path
            ) {
                $response = $this->get($path);
                self::assertContains($response->getStatusCode(), [200, 302], $path);
                $text = html_entity_decode(strip_tags((string) preg_replace('~<(script|style)\b.*?</\1>~s', '', (string) $response->getContent())));
                preg_match_all('~\s(?:title|aria-label|alt|placeholder|label)="([^"]*)"~', (string) $response->getContent(), $attributes);
                preg_match_all(self::keys(), $text . "\n" . implode("\n", $attributes[1]), $shown);
                // An argument that was not given stands there as its name: ":photos".
                preg_match_all('~(?<![\w:/"]):[a-z_]\w+~', $text . "\n" . implode("\n", $attributes[1]), $unfilled);
                $shown[0] = [...$shown[0], ...$unfilled[0]];
                $found = [...$found, ...array_map(static fn (string $key): string => "{$path}: {$key}", $shown[0])];
            }
        }
        self::assertSame([], array_values(array_unique($found)));
    }

    private static function keys(): string
    {
        $groups = glob(base_path('lang/en/*.php'));
        self::assertIsArray($groups);

        return '~\b(?:' . implode('|', array_map(static fn (string $file): string => basename($file, '.php'), $groups)) . ')\.[a-z_]+(?:\.[a-z_]+|\()\S*~i';
    }
}
