<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Backdrop;
use App\Models\DeviceCheck;
use App\Models\Shot;
use App\Status\CheckStatus;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;
use Tests\Core\Plans;

/**
 * Photos from the ends of a move, kept for the finder.
 */
final class BackdropTest extends PageTestCase
{
    public function testAFileIsKeptForEachEndAndLeavesAgain(): void
    {
        $shot = self::pictured();
        $this->post(route('backdrops.store', $shot->address()), ['end' => 'first', 'photo' => self::file(3_000, 2_000)])->assertRedirect();
        $this->post(route('backdrops.store', $shot->address()), ['end' => 'last', 'photo' => self::file(300, 200)])->assertRedirect();

        $kept = Backdrop::query()->where('shot_id', $shot->id)->get()->keyBy('end');
        $keyframes = $shot->currentRevision()->toPlan()->move->keyframes;
        self::assertEquals($keyframes[0]->positions, $kept['first']->positions ?? []);
        self::assertEquals($keyframes[count($keyframes) - 1]->positions, $kept['last']->positions ?? []);
        $told = $this->getJson(route('backdrops.index', $shot->address()))->assertOk()->json();
        self::assertIsArray($told);
        self::assertSame(['first', 'last'], array_column((array) $told['photos'], 'end'));
        $jpeg = $this->get(route('backdrops.show', [...$shot->address(), 'end' => 'first']))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame(1_600, getimagesizefromstring((string) $jpeg->getContent())[0] ?? 0, 'no larger than a screen');
        $this->get("{$shot->path()}/frame")->assertSee('from a file, assumed at slide')->assertSee('Your photo at B');

        $this->post(route('backdrops.store', $shot->address()), ['end' => 'first', 'photo' => self::file(150, 100)])->assertRedirect();
        self::assertSame(2, Backdrop::query()->count(), 'another takes its place');
        $this->delete(route('backdrops.destroy', [...$shot->address(), 'end' => 'first']))->assertRedirect();
        $this->get(route('backdrops.show', [...$shot->address(), 'end' => 'first']))->assertNotFound();
    }

    public function testTestPhotosOfTheCheckStayWithTheShot(): void
    {
        $shot = self::pictured();
        $picture = static fn (string $name, int $width): array => [
            'name' => $name, 'photo' => 1, 'file' => "{$name}.JPG", 'jpeg' => base64_encode(self::jpeg($width, intdiv($width * 2, 3))),
        ];
        $to = route('backdrops.store', $shot->address());
        $this->post($to, ['end' => 'first', 'from' => 'check'])
            ->assertSessionHasErrors(['backdrop.first.photo' => 'There are no test photos. Take one at each keyframe in Run.']);
        DeviceCheck::query()->create([
            'shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'what' => 'keyframes', 'rig_words' => (object) [], 'camera_address' => '',
            'status' => CheckStatus::Done, 'said' => [], 'found' => (object) [], 'pictures' => [$picture('A', 150), $picture('B', 153), $picture('C', 156)],
        ]);
        $this->post($to, ['end' => 'last', 'from' => 'check'])->assertSessionHasNoErrors();

        $kept = Backdrop::query()->sole();
        self::assertSame(['last', 'check'], [$kept->end, $kept->whence]);
        self::assertSame(156, getimagesizefromstring((string) base64_decode($kept->jpeg, true))[0] ?? 0);
    }

    public function testWhatIsNoPhotoOfThisCameraIsRefusedByItsField(): void
    {
        $shot = self::shot();
        $to = route('backdrops.store', $shot->address());
        $this->post($to, ['end' => 'first', 'photo' => self::file(150, 100)])
            ->assertSessionHasErrors(['backdrop.first.photo' => Words::of('app.backdrop.no_picture')]);
        $to = route('backdrops.store', self::pictured()->address());
        $this->post($to, ['end' => 'last', 'photo' => self::file(160, 120)])
            ->assertSessionHasErrors(['backdrop.last.photo' => 'This photo is 160 × 120 pixels, the camera’s are 6000 × 4000: the aspect ratios differ. '
                . 'Choose an uncropped photo.']);
        $this->post($to, ['end' => 'first', 'photo' => UploadedFile::fake()->createWithContent('a.jpg', 'no photo')])->assertSessionHasErrors('backdrop.first.photo');
        $this->post($to, ['end' => 'first'])->assertSessionHasErrors(['backdrop.first.photo' => 'Choose a JPEG of up to 4 MB.']);
        $this->post($to, ['end' => 'first', 'from' => 'camera', 'camera' => ''])
            ->assertSessionHasErrors(['backdrop.first.photo' => Words::of('app.backdrop_form.no_camera')]);
        // A script is answered with the part itself.
        $this->post($to, ['end' => 'last'], ['HX-Request' => 'true'])->assertStatus(422)->assertSee('id="backdrop"', false)->assertSee('Choose a JPEG');
        self::assertSame(0, Backdrop::query()->count());
    }

    private static function pictured(): Shot
    {
        return self::shot(['/optics' => Plans::OPTICS + ['focal_mm' => 24]]);
    }

    private static function file(int $width, int $height): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('photo.jpg', self::jpeg($width, $height));
    }

    private static function jpeg(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }
}
