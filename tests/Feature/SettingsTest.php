<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\ReadLanguage;
use App\Models\KitItem;
use App\Models\Setting;
use App\Models\Shot;
use Evrent\Words\Catalogue;
use Tests\Core\Plans;

final class SettingsTest extends PageTestCase
{
    private const USUAL = [
        'language' => '', 'rig_unit' => 'mm', 'distance_unit' => 'm', 'temperature_unit' => '°C', 'clock' => '24', 'dates' => 'dmy', 'week' => '1', 'rate' => '', 'starter' => 'slide-pan-tilt',
        'keys' => 'on', 'look_by_time' => 'no', 'setup_minutes' => '30', 'teardown_minutes' => '15',
    ];

    public function testTheBrowserChoosesTheLanguageUnlessTheSettingsDo(): void
    {
        $spanish = ['Accept-Language' => 'es-MX,es;q=0.9,en;q=0.8'];
        $titles = array_map(static fn (string $language): string => Catalogue::of($language)->words('settings.edit.title'), ['en', 'es']);
        self::assertNotSame($titles[0], $titles[1]);
        $this->get('/settings')->assertSee('<html lang="en"', false)->assertSee($titles[0])->assertHeader('Vary');
        $this->get('/settings', $spanish)->assertSee('<html lang="es"', false)->assertSee($titles[1])->assertDontSee($titles[0]);
        $this->get('/nowhere', $spanish)->assertNotFound()->assertSee('<html lang="es"', false)->assertSee(Catalogue::of('es')->words('errors.404.title'));
        // What was said in one language is read in the other.
        $shot = self::shot();
        $this->type($shot, ['timing' => ['interval_s' => '2.2']])->assertOk();
        $this->get("{$shot->path()}/history", $spanish)->assertSee(Catalogue::of('es')->words('fields.timing_interval_s') . ' 8 → 2,2 s');
        $this->get('/settings', $spanish)->assertCookieMissing(ReadLanguage::COOKIE);
        $this->set(['language' => 'en']);
        $this->get('/settings', $spanish)->assertSee('<html lang="en"', false)->assertSee($titles[0])->assertPlainCookie(ReadLanguage::COOKIE, 'en');
        $this->withUnencryptedCookie(ReadLanguage::COOKIE, 'en')->get('/settings')->assertCookieMissing(ReadLanguage::COOKIE);
        $this->set(['language' => '']);
        $this->withUnencryptedCookie(ReadLanguage::COOKIE, 'en')->get('/settings')->assertCookieExpired(ReadLanguage::COOKIE);
        $this->set(['language' => 'en']);
        $this->put('/settings', [...self::USUAL, 'language' => 'xx'])->assertSessionHasErrors('settings.language');
    }

    /** In Spanish fields show 0,8; sent back as they stand they change nothing, and both signs are read. */
    public function testNumbersStandInFieldsWithTheDecimalSignOfTheLanguage(): void
    {
        $shot = self::shot(['/site' => Plans::SITE, '/optics' => Plans::OPTICS + ['focal_mm' => 24, 'focus_m' => 3.5], '/light' => ['aperture' => 5.6], '/power' => ['camera' => ['battery_wh' => 16.5]],
            '/timing/interval_s' => [['at' => 0, 'interval_s' => 7.5], ['at' => 0.123, 'interval_s' => 8.25], ['at' => 1, 'interval_s' => 9]], '/move/keyframes/1/slide' => 812.375]);
        $this->withHeaders(['Accept-Language' => 'es']);
        $before = self::planOf($shot);
        $shown = self::shown((string) $this->get($shot->path())->assertOk()->getContent());
        self::assertGreaterThan(60, count($shown));
        self::assertSame(
            ['5,6', '812,375', '12,3'],
            [$shown['plan[light][aperture]'], $shown['plan[move][keyframes][1][slide]'], $shown['plan[timing][interval_s][1][at]']],
        );
        self::assertSame([], preg_grep('/^-?\d+\.\d+( \w+)?$/', $shown));
        $revision = $shot->refresh()->current_revision_id;
        $this->typeAll($shot, $shown);
        self::assertSame($revision, $shot->refresh()->current_revision_id);
        foreach (['2,8', '2.8'] as $typed) {
            $this->typeAll($shot, ['plan[light][aperture]' => $typed] + $shown);
            self::assertEquals($before->light?->with(['aperture' => 2.8]), self::planOf($shot)->light);
            self::assertSame($before->move->keyframes[1]->positions, self::planOf($shot)->move->keyframes[1]->positions);
            $this->step($shot, 'undo');
        }
    }

    /** The same in the forms beside a shot: a piece of kit that is saved as it is shown stays as it was. */
    public function testKitIsKeptAsItStandsInItsFields(): void
    {
        $this->withHeaders(['Accept-Language' => 'es']);
        $this->post('/kit', ['kind' => 'lens', 'name' => 'Wide 2.5', 'count' => '1', 'focal_mm' => '24', 'mass_kg' => '0,615'])->assertSessionHasNoErrors();
        $item = KitItem::query()->sole();
        $html = (string) $this->get('/kit')->assertOk()->getContent();
        self::assertSame(1, preg_match('~<form[^>]*action="[^"]*/kit/' . $item->id . '".*?</form>~s', $html, $form));
        $shown = self::shown($form[0], '[^"]+');
        self::assertSame(['Wide 2.5', '0,615'], [$shown['name'], $shown['mass_kg']]);
        parse_str(http_build_query(array_diff_key($shown, ['_token' => 1])), $fields);
        $this->put("/kit/{$item->id}", $fields)->assertSessionHasNoErrors();
        self::assertEquals($item->piece(), $item->refresh()->piece());
    }

    /**
     * @return array<array-key, string> what stands in fields, by name
     */
    private static function shown(string $html, string $name = '(?:plan|held)\[[^"]+'): array
    {
        preg_match_all('/<input [^>]*name="(' . $name . ')"[^>]*value="([^"]*)"/', $html, $found, PREG_SET_ORDER);

        return array_column(array_map(static fn (array $field): array => array_map(html_entity_decode(...), $field), $found), 2, 1);
    }

    /**
     * Sends the whole form.
     *
     * @param array<array-key, string> $shown by name
     */
    private function typeAll(Shot $shot, array $shown): void
    {
        $query = array_map(static fn (int|string $name, string $text): string => urlencode((string) $name) . '=' . urlencode($text), array_keys($shown), $shown);
        parse_str(implode('&', $query), $fields);
        self::assertIsArray($fields['plan']);
        $this->put($shot->path(), [...$fields, 'revision' => $shot->refresh()->current_revision_id, 'end' => '1'], ['HX-Request' => 'true'])->assertOk();
    }

    public function testAShotIsReadAndTypedInTheUnitsChosen(): void
    {
        $shot = self::shot();
        $this->set(['rig_unit' => 'in', 'clock' => '12', 'keys' => 'off']);
        $page = $this->get($shot->path() . '/frame')->assertOk()->assertSee('data-letters="off"', false)->assertSee('4:52 pm');
        $page->assertSee('value="33.8583"', false)->assertSee('"unit":"in"', false);
        $this->type($shot, ['move' => ['keyframes' => [1 => ['slide' => '20']]]])->assertOk();
        self::assertSame(508.0, self::planOf($shot)->move->keyframes[1]->positions['slide']);
        $this->type($shot, ['move' => ['keyframes' => [1 => ['slide' => '60 cm']]]])->assertOk();
        self::assertSame(600.0, self::planOf($shot)->move->keyframes[1]->positions['slide']);
        $this->postJson($shot->path() . '/jog', ['positions' => ['slide' => '10 in']])->assertOk()->assertJsonPath('positions.slide', 254);
    }

    public function testWhatIsFoundAndWhatWasChangedIsToldInTheUnitsAndByTheClockChosen(): void
    {
        $shot = self::shot();
        $this->type($shot, ['move' => ['keyframes' => [1 => ['slide' => '1454']]]])->assertOk()->assertSee('254 mm too far');
        $this->get('/')->assertSee('254 mm too far');
        $this->set(['rig_unit' => 'in', 'clock' => '12']);
        // Worked out anew, a few each time that they are looked at.
        $this->get('/');
        $this->get('/');
        $this->get('/')->assertSee('10 in too far');
        $this->get($shot->path() . '/review')->assertSee('from 0 to 47.24 in')->assertSee('slide at B 33.8583 → 57.2441 in');
        $this->get($shot->path() . '/history')->assertSee('slide at B 33.8583 → 57.2441 in')->assertDontSee('254 mm');
        $this->get('/shoots/' . $shot->shoot_id . '/sheet')->assertSee('4:52 pm')->assertDontSee('16:52');
        // A change that was made by then is told in whatever is chosen later.
        $this->type($shot, ['move' => ['keyframes' => [1 => ['slide' => '20']]]])->assertOk();
        $this->set([]);
        $this->get($shot->path() . '/review')->assertSee('slide at B 1454 → 508 mm');
    }

    public function testDatesComeInTheOrderChosen(): void
    {
        $this->set(['dates' => 'mdy']);
        $this->get('/shoots/' . self::shoot()->id)->assertSee('Tuesday March 23, 2027');
        $this->set(['week' => '7']);
        $this->travelTo('2027-03-20 09:00');
        $this->get('/')->assertSeeInOrder(['March 2027', 'Sun', 'Mon', 'Sat']);
    }

    public function testANewShotBeginsWithWhatIsSet(): void
    {
        $this->set(['rate' => '30', 'setup_minutes' => '45', 'limit_clip_s' => '8']);
        $this->post('/shoots/' . self::shoot()->id . '/shots', ['title' => 'Ebb', 'starter' => 'pan-tilt', 'recipe' => ''])->assertRedirect();
        $shot = Shot::query()->latest('id')->firstOrFail();
        $plan = self::planOf($shot);
        self::assertSame([30.0, 8.0, 45], [$plan->timing->framesPerSecond, $plan->thresholds->clipSeconds, $shot->setup_minutes]);
        // Emptied, it is the usual again.
        $this->set(['limit_clip_s' => '']);
        self::assertSame('', Setting::query()->findOrFail('limit_clip_s')->value);
    }

    public function testTheLookFollowsTheLightWhereTheShootIs(): void
    {
        $this->set(['look_by_time' => 'yes']);
        $this->travelTo('2027-03-22 12:00');
        $this->get('/')->assertSee('data-look="day"', false);
        $this->travelTo('2027-03-22 22:00');
        $this->get('/')->assertSee('data-look="night"', false);
    }

    public function testWhatCannotBeIsToldByItsFieldAndNothingOfItIsKept(): void
    {
        $this->put('/settings', ['setup_minutes' => 'long', 'rig_unit' => 'cm', 'limit_clip_s' => '-3'] + self::USUAL)
            ->assertSessionHasErrors(['settings.setup_minutes', 'settings.limit_clip_s']);
        $this->put('/settings', ['rig_unit' => 'furlongs'] + self::USUAL)->assertSessionHasErrors('settings.rig_unit');
        self::assertSame(0, Setting::query()->count());
        $this->get('/settings')->assertOk()->assertSee('Save settings');
    }

    public function testTwoWindowsDoNotUndoEachOthersSettings(): void
    {
        $this->set(['rig_unit' => 'cm']);
        // This window still shows millimetres, and changes the clock alone.
        $this->set(['clock' => '12', 'was' => self::USUAL]);
        self::assertSame(['cm', '12'], [Setting::query()->findOrFail('rig_unit')->value, Setting::query()->findOrFail('clock')->value]);
        $this->put('/settings', ['rig_unit' => 'in', 'was' => self::USUAL] + self::USUAL)->assertSessionHasErrors('settings.rig_unit');
        self::assertSame('cm', Setting::query()->findOrFail('rig_unit')->value);
    }

    /**
     * @param array<string, mixed> $values
     */
    private function set(array $values): void
    {
        $this->put('/settings', $values + self::USUAL)->assertRedirect('/settings')->assertSessionHasNoErrors();
        $this->app->forgetScopedInstances();
    }
}
