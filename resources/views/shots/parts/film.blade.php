@php use App\Pages\InShort; use Evrent\Core\Plan\FilmKind; use Evrent\Core\Plan\PassBy; @endphp
<section class="panel" aria-label="Film, and a pass in real time">
    <x-fold id="film" title="A film instead of photos" :says="$page->plan->film->kind?->label()">
    <div class="grid-fields">
        <x-choice pointer="/film/kind" label="The camera makes" :value="$texts['/film/kind']" :options="InShort::options(FilmKind::class, 'photos')" />
        <x-number pointer="/film/frames_per_second" label="at" :value="$texts['/film/frames_per_second']" unit="fps" :width="4" shown-label />
        <x-number pointer="/film/extra_frames" label="Frames to spare" :value="$texts['/film/extra_frames']" :width="4" shown-label />
        <x-number pointer="/film/gb_per_min" label="Video takes" :value="$texts['/film/gb_per_min']" unit="GB a minute" :width="4" shown-label />
    </div>
    @include('shots.parts.film-told')
    </x-fold>
    <x-fold id="pass" title="A pass in real time that matches" :says="$texts['/pass/duration_s'] === '' ? null : $texts['/pass/duration_s'] . ' s'">
    <div class="grid-fields">
        <x-number pointer="/pass/duration_s" label="It takes" :value="$texts['/pass/duration_s']" unit="s" :width="6" shown-label />
        <x-choice pointer="/pass/by" label="Filmed by" :value="$texts['/pass/by']" :options="InShort::options(PassBy::class)" />
        <x-choice pointer="/pass/still_plate" label="Still of the empty scene" :value="$texts['/pass/still_plate']"
            :options="['' => 'not said', '1' => 'taken first', '0' => 'none']" />
    </div>
    @include('shots.parts.pass-told')
    </x-fold>
</section>
