<?php

declare(strict_types=1);

use App\Http\Controllers\BackdropController;
use App\Http\Controllers\BinController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\ClipController;
use App\Http\Controllers\CrossingController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DeviceCheckController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\FilmController;
use App\Http\Controllers\FolderController;
use App\Http\Controllers\GridController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JogController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LensController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\LiveController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\OldAddressController;
use App\Http\Controllers\ManifestController;
use App\Http\Controllers\NightController;
use App\Http\Controllers\PackingController;
use App\Http\Controllers\PhotosController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlacesController;
use App\Http\Controllers\PlanFileController;
use App\Http\Controllers\PresetController;
use App\Http\Controllers\RemedyController;
use App\Http\Controllers\RigController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShootController;
use App\Http\Controllers\ShotController;
use App\Http\Controllers\TakeController;
use App\Http\Controllers\SumController;
use App\Http\Controllers\TakesController;
use App\Http\Controllers\TogetherController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\UploadController;
use App\Http\Controllers\UpController;
use App\Http\Middleware\SessionForPages;
use App\Http\Middleware\ShotOfItsShoot;
use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shoot;
use App\Pages\ShotView;
use Illuminate\Support\Facades\Route;

// Numbers longer than this are no id that the database could hold.
Route::pattern('shoot', '[0-9]{1,15}');
Route::pattern('shot', '[0-9]{1,15}');
Route::pattern('run', '[0-9]{1,15}');
Route::pattern('take', '[0-9]{1,15}');
Route::pattern('check', '[0-9]{1,15}');
Route::pattern('revision', '[0-9]{1,15}');
Route::pattern('preset', '[0-9]{1,15}');
Route::pattern('item', '[0-9]{1,15}');
Route::pattern('trial', '[0-9]{1,15}');
Route::pattern('grid', '[0-9]{1,15}');
Route::pattern('dayEvent', '[0-9]{1,15}');
Route::pattern('film', '[0-9]{1,15}');
Route::pattern('work', '[0-9]{1,15}');
Route::pattern('reading', '[0-9]{1,15}');
Route::pattern('clipRevision', '[0-9]{1,15}');
Route::pattern('id', '[0-9]{1,15}');

Route::get('/up', UpController::class)->withoutMiddleware('web');
Route::get('/manifest.webmanifest', [ManifestController::class, 'show'])->withoutMiddleware('web');

Route::middleware('can:viewAny,' . Shoot::class)->group(static function (): void {
    Route::get('/', [ShootController::class, 'index'])->name('shoots.index');
    Route::post('/shoots', [ShootController::class, 'store'])->name('shoots.store');
    // What a browser keeps to show when it has nothing else.
    Route::view('/not-kept', 'not-kept')->name('not-kept');
    Route::get('/places', [PlacesController::class, 'index'])->name('places.index');
    Route::get('/settings', [SettingsController::class, 'edit'])->name('settings.edit');
    Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
    Route::put('/look', [LookController::class, 'update'])->name('look.update');
    // Each looks at what it finds there.
    Route::post('/bin/{kind}/{id}', [BinController::class, 'restore'])->name('bin.restore');
    Route::any('/shots/{id}/{rest?}', [OldAddressController::class, 'shot'])->where('rest', '.*');
    Route::get('/runs/{id}', [OldAddressController::class, 'run']);
    Route::any('/trials/{id}/{rest?}', [OldAddressController::class, 'trial'])->where('rest', '.*');
});

Route::prefix('/shoots/{shoot}')->middleware('can:view,shoot')->scopeBindings()->group(static function (): void {
    Route::get('/', [ShootController::class, 'show'])->name('shoots.show');
    Route::get('/day', [DayController::class, 'show'])->name('shoots.day');
    Route::get('/sheet', [DayController::class, 'sheet'])->name('shoots.sheet');
    Route::get('/day.ics', [DayController::class, 'calendar'])->name('shoots.calendar');
    Route::get('/cards', [CardController::class, 'shoot'])->name('shoots.cards');
    Route::get('/cards.html', [CardController::class, 'shootFile'])->name('shoots.cards.file');
    Route::get('/packing', [PackingController::class, 'show'])->name('shoots.packing');
    Route::get('/trials', [TrialController::class, 'index'])->name('trials.index');
    Route::get('/trials/{trial}/grids/{grid}', [GridController::class, 'show'])->name('grids.show');
    Route::get('/trials/{trial}/grids/{grid}/{cell}.mp4', [GridController::class, 'film'])->where('cell', '\d:\d')->name('grids.film');
    Route::get('/trials/{trial}/grids/{grid}/{cell}.jpg', [GridController::class, 'still'])->where('cell', '\d:\d')->name('grids.still');
    Route::get('/together', [TogetherController::class, 'show'])->name('together.show');
    Route::get('/together/now', [TogetherController::class, 'now'])->name('together.now');
});

Route::prefix('/shoots/{shoot}')->middleware('can:update,shoot')->scopeBindings()->group(static function (): void {
    Route::delete('/', [ShootController::class, 'destroy'])->name('shoots.destroy')->can('delete', 'shoot');
    Route::put('/', [ShootController::class, 'update'])->name('shoots.update');
    Route::post('/copies', [ShootController::class, 'duplicate'])->name('shoots.duplicate');
    Route::put('/place', [PlaceController::class, 'update'])->name('shoots.place');
    Route::post('/events', [DayController::class, 'storeEvent'])->name('shoots.events.store');
    Route::delete('/events/{dayEvent}', [DayController::class, 'destroyEvent'])->name('shoots.events.destroy');
    Route::post('/shots', [ShotController::class, 'store'])->name('shots.store');
    Route::post('/plan-files', [PlanFileController::class, 'store'])->name('plan-files.store');
    Route::put('/packing', [PackingController::class, 'update'])->name('shoots.packed');
    Route::post('/together', [TogetherController::class, 'store'])->name('together.store');
    Route::post('/together/stop', [TogetherController::class, 'stop'])->name('together.stop');
    Route::post('/trials', [TrialController::class, 'store'])->name('trials.store');
    Route::put('/trials/{trial}', [TrialController::class, 'update'])->name('trials.update');
    Route::post('/trials/{trial}/recipe', [TrialController::class, 'recipe'])->name('trials.recipe');
    Route::post('/trials/{trial}/grids', [GridController::class, 'store'])->name('grids.store');
    Route::post('/trials/{trial}/grids/{grid}/stop', [GridController::class, 'stop'])->name('grids.stop');
    Route::post('/trials/{trial}/grids/{grid}/plan', [GridController::class, 'take'])->name('grids.take');
    Route::delete('/trials/{trial}', [TrialController::class, 'destroy'])->name('trials.destroy');
});

Route::prefix('/shoots/{shoot}/shots/{shot}')->middleware([ShotOfItsShoot::class, 'can:view,shot'])->scopeBindings()->group(static function (): void {
    Route::get('/', [ShotController::class, 'show'])->name('shots.show');
    Route::get('/{view}', [ShotController::class, 'show'])->where('view', ShotView::PATTERN)->name('shots.view');
    Route::get('/history', [HistoryController::class, 'show'])->name('shots.history');
    Route::get('/schedule', [ScheduleController::class, 'show'])->name('shots.schedule');
    Route::get('/schedule.csv', [ScheduleController::class, 'csv'])->name('shots.schedule.csv');
    Route::get('/sums/{key?}', [SumController::class, 'show'])->where('key', '[a-z_]{1,20}')->name('shots.sums');
    Route::get('/plan.json', [PlanFileController::class, 'show'])->name('plan-files.show');
    Route::get('/backdrops', [BackdropController::class, 'index'])->name('backdrops.index');
    Route::get('/backdrops/{end}.jpg', [BackdropController::class, 'show'])->where('end', 'first|last')->name('backdrops.show');
    Route::get('/crossing', [CrossingController::class, 'show'])->name('shots.crossing');
    Route::get('/night.json', [NightController::class, 'show'])->name('shots.night');
    Route::get('/lenses', [LensController::class, 'show'])->name('shots.lenses');
    Route::get('/schools', [LightController::class, 'show'])->name('shots.schools');
    // What was run stays there to be read when its shot is in the bin.
    Route::get('/runs/{run}', [RunController::class, 'show'])->name('runs.show')->withTrashed();
    Route::get('/runs/{run}/log.jsonl', [RunController::class, 'log'])->name('runs.log')->withTrashed();
    Route::get('/photos', [PhotosController::class, 'index'])->name('photos.index');
    Route::get('/photos/{reading}/photo/{number}', [PhotosController::class, 'photo'])->whereNumber('number')->name('photos.photo');
    Route::get('/photos/{reading}/match.json', [PhotosController::class, 'match'])->name('photos.match');
    Route::get('/card', [CardController::class, 'shot'])->name('shots.cards');
    Route::get('/card.html', [CardController::class, 'shotFile'])->name('shots.cards.file');
    Route::get('/clip', [ClipController::class, 'show'])->name('clip.show');
    Route::get('/clip/proxy.mp4', [ClipController::class, 'proxy'])->name('clip.proxy');
    Route::get('/clip/files/{format}', [ClipController::class, 'file'])->where('format', '[a-z0-9]{1,12}')->name('clip.file');
    Route::get('/films/{film}/file', [FilmController::class, 'file'])->name('films.file');
    Route::get('/films/{film}/joined', [FilmController::class, 'joined'])->name('films.joined');
    Route::get('/films/{film}/list.json', [FilmController::class, 'list'])->name('films.list');
    Route::get('/takes', [TakesController::class, 'index'])->name('takes.index');
    Route::get('/takes/{take}/files/{format}', [ClipController::class, 'ofTake'])->where('format', '[a-z0-9]{1,12}')->name('takes.file');
    Route::get('/takes/{take}', [TakeController::class, 'show'])->name('takes.show')->withTrashed();
    Route::get('/takes/{take}/log.jsonl', [TakeController::class, 'log'])->name('takes.log')->withTrashed();
    Route::get('/takes/{take}/photos.csv', [TakeController::class, 'csv'])->name('takes.csv')->withTrashed();
    Route::group([SessionForPages::UNNEEDED => true], static function (): void {
        Route::get('/rig', [RigController::class, 'show'])->name('shots.rig.show');
        Route::get('/camera/live.jpg', [LiveController::class, 'frame'])->name('shots.live');
        Route::get('/photos/{reading}', [PhotosController::class, 'show'])->name('photos.show');
        Route::get('/photos/{reading}/from/{number}', [PhotosController::class, 'more'])->whereNumber('number')->name('photos.more');
        Route::get('/photos/{reading}/whole/{number}.jpg', [PhotosController::class, 'whole'])->whereNumber('number')->name('photos.whole');
        Route::get('/photos/{reading}/{place}.jpg', [PhotosController::class, 'picture'])->whereNumber('place')->name('photos.picture');
        Route::get('/films/{film}', [FilmController::class, 'show'])->name('films.show');
        Route::get('/folders/{work}', [FolderController::class, 'show'])->name('folders.show');
        Route::get('/folders/{work}/SHA256SUMS', [FolderController::class, 'manifest'])->name('folders.manifest');
        Route::get('/checks/{check}', [DeviceCheckController::class, 'show'])->name('checks.show');
        Route::get('/checks/{check}/{name}.jpg', [DeviceCheckController::class, 'picture'])->where('name', '[A-Z]{1,3}')->name('checks.picture');
        Route::get('/takes/{take}/now', [TakeController::class, 'now'])->name('takes.now')->withTrashed();
        Route::get('/takes/{take}/trace', [TakeController::class, 'trace'])->name('takes.trace')->withTrashed();
        Route::get('/takes/{take}/picture.jpg', [TakeController::class, 'picture'])->name('takes.picture')->withTrashed();
    });
});

Route::prefix('/shoots/{shoot}/shots/{shot}')->middleware([ShotOfItsShoot::class, 'can:update,shot'])->scopeBindings()->group(static function (): void {
    // Edits: sent by a script they are answered with parts of the page, and need nothing of the session.
    Route::post('/backdrops', [BackdropController::class, 'store'])->name('backdrops.store');
    Route::delete('/backdrops/{end}', [BackdropController::class, 'destroy'])->where('end', 'first|last')->name('backdrops.destroy');
    Route::group([SessionForPages::UNNEEDED => true], static function (): void {
        Route::put('/', [ShotController::class, 'update'])->name('shots.update');
        Route::post('/undo', [HistoryController::class, 'undo'])->name('shots.undo');
        Route::post('/redo', [HistoryController::class, 'redo'])->name('shots.redo');
        Route::post('/edits', [EditController::class, 'store'])->name('shots.edits.store');
        Route::post('/jog', [JogController::class, 'store'])->name('shots.jog');
        Route::post('/rig', [RigController::class, 'store'])->name('shots.rig');
        Route::post('/stop', [RigController::class, 'stop'])->name('shots.stop');
        Route::post('/camera', [LiveController::class, 'store'])->name('shots.camera');
        Route::post('/remedies', [RemedyController::class, 'store'])->name('shots.remedies.store');
        Route::put('/clip', [ClipController::class, 'update'])->name('clip.update');
        Route::post('/clip/undo', [ClipController::class, 'undo'])->name('clip.undo');
        Route::post('/clip/redo', [ClipController::class, 'redo'])->name('clip.redo');
        Route::delete('/clip/spans/{from}', [ClipController::class, 'removeSpan'])->whereNumber('from')->name('clip.spans.destroy');
    });
    Route::delete('/', [ShotController::class, 'destroy'])->name('shots.destroy')->can('delete', 'shot');
    Route::put('/title', [ShotController::class, 'rename'])->name('shots.rename');
    Route::put('/stay', [DayController::class, 'moveShot'])->name('shots.stay');
    Route::post('/copies', [ShotController::class, 'duplicate'])->name('shots.duplicate');
    Route::put('/shoot', [ShotController::class, 'move'])->name('shots.move');
    Route::post('/revisions/{revision}', [HistoryController::class, 'restore'])->name('shots.revisions.restore');
    Route::post('/presets', [PresetController::class, 'store'])->name('shots.presets.store');
    Route::post('/applied-presets', [PresetController::class, 'apply'])->name('shots.presets.apply');
    Route::post('/kit', [KitController::class, 'pick'])->name('shots.kit');
    Route::post('/runs', [RunController::class, 'store'])->name('runs.store');
    Route::post('/photos', [PhotosController::class, 'store'])->name('photos.store');
    Route::post('/uploads', [UploadController::class, 'store'])->name('photos.uploads');
    Route::post('/photos/{reading}/heads', [UploadController::class, 'keep'])->name('photos.heads');
    Route::post('/photos/{reading}/sent', [UploadController::class, 'finish'])->name('photos.sent');
    Route::put('/photos/{reading}/place', [PhotosController::class, 'place'])->name('photos.place');
    Route::delete('/photos/{reading}/place', [PhotosController::class, 'takeBack']);
    Route::put('/photos/{reading}/body', [PhotosController::class, 'learn'])->name('photos.body');
    Route::put('/photos/{reading}/verdict', [PhotosController::class, 'judge'])->name('photos.verdict');
    Route::put('/photos/{reading}/marks', [PhotosController::class, 'mark'])->name('photos.mark');
    Route::post('/photos/{reading}/stop', [PhotosController::class, 'stop'])->name('photos.stop');
    Route::post('/photos/{reading}/series', [PhotosController::class, 'series'])->name('photos.series');
    Route::post('/photos/{reading}/again', [PhotosController::class, 'again'])->name('photos.again');
    Route::post('/clip/spans', [ClipController::class, 'addSpan'])->name('clip.spans.store');
    Route::post('/clip/revisions/{clipRevision}', [ClipController::class, 'restore'])->name('clip.restore');
    Route::put('/clip/developed', [ClipController::class, 'developed'])->name('clip.developed');
    Route::post('/films', [FilmController::class, 'store'])->name('films.store');
    Route::post('/films/{film}/stop', [FilmController::class, 'stop'])->name('films.stop');
    Route::delete('/films/{film}', [FilmController::class, 'destroy'])->name('films.destroy');
    Route::post('/photos/{reading}/folders', [FolderController::class, 'store'])->name('folders.store');
    Route::post('/folders/{work}/stop', [FolderController::class, 'stop'])->name('folders.stop');
    Route::post('/checks', [DeviceCheckController::class, 'store'])->name('checks.store');
    Route::post('/checks/{check}/stop', [DeviceCheckController::class, 'stop'])->name('checks.stop');
    Route::put('/preflight', [TakeController::class, 'tick'])->name('takes.tick');
    Route::post('/takes', [TakeController::class, 'store'])->name('takes.store');
    Route::post('/takes/{take}/orders', [TakeController::class, 'order'])->name('takes.order')->withTrashed();
    Route::post('/takes/{take}/resume', [TakeController::class, 'resume'])->name('takes.resume');
    Route::post('/takes/{take}/rest', [TakesController::class, 'rest'])->name('takes.rest');
    Route::post('/takes/{take}/recipe', [TakesController::class, 'learn'])->name('takes.learn');
    Route::put('/takes/{take}', [TakeController::class, 'update'])->name('takes.update')->withTrashed();
});

Route::prefix('/presets')->group(static function (): void {
    Route::get('/', [PresetController::class, 'index'])->name('presets.index')->can('viewAny', Preset::class);
    Route::post('/', [PresetController::class, 'storeRecipe'])->name('presets.store')->can('create', Preset::class);
    Route::put('/{preset}', [PresetController::class, 'update'])->name('presets.update')->can('update', 'preset');
    Route::delete('/{preset}', [PresetController::class, 'destroy'])->name('presets.destroy')->can('delete', 'preset');
});

Route::middleware('can:viewAny,' . KitItem::class)->group(static function (): void {
    Route::get('/kit', [KitController::class, 'index'])->name('kit.index');
    Route::get('/kit.json', [KitController::class, 'json'])->name('kit.json');
    Route::get('/kit.csv', [KitController::class, 'csv'])->name('kit.csv');
    Route::post('/kit', [KitController::class, 'store'])->name('kit.store')->can('create', KitItem::class);
    Route::post('/kit/files', [KitController::class, 'import'])->name('kit.import')->can('create', KitItem::class);
    Route::put('/kit/{item}', [KitController::class, 'update'])->name('kit.update')->can('update', 'item');
    Route::post('/kit/{item}/tries', [KitController::class, 'try'])->name('kit.try')->can('update', 'item');
    Route::delete('/kit/{item}', [KitController::class, 'destroy'])->name('kit.destroy')->can('delete', 'item');
});
