@php use App\Pages\InShort; use Evrent\Core\Plan\FilmKind; use Evrent\Core\Plan\PassBy; @endphp
<section class="panel" aria-label="{{ __('shots.film.title') }}">
    <x-fold id="film" :title="__('shots.film.mode')" :says="$page->plan->film->kind?->label()">
    <div class="grid-fields">
        <x-choice pointer="/film/kind" :label="__('shots.film.makes')" :value="$texts['/film/kind']"
            :options="InShort::options(FilmKind::class, __('shots.film.photos'))" />
        <x-number pointer="/film/frames_per_second" :label="__('common.at')" :value="$texts['/film/frames_per_second']" :unit="__('common.fps')"
            :width="4" shown-label />
        <x-number pointer="/film/extra_frames" :label="__('shots.film.extra')" :value="$texts['/film/extra_frames']" :width="4" shown-label />
        <x-number pointer="/film/gb_per_min" :label="__('shots.film.rate')" :value="$texts['/film/gb_per_min']" :unit="__('shots.film.rate_unit')"
            :width="4" shown-label />
    </div>
    @include('shots.parts.film-told')
    </x-fold>
    <x-fold id="pass" :title="__('shots.film.pass')" :says="$texts['/pass/duration_s'] === '' ? null : $texts['/pass/duration_s'] . ' s'">
    <div class="grid-fields">
        <x-number pointer="/pass/duration_s" :label="__('shots.film.takes')" :value="$texts['/pass/duration_s']" :unit="__('common.seconds_unit')"
            :width="6" shown-label />
        <x-choice pointer="/pass/by" :label="__('shots.film.filmed_by')" :value="$texts['/pass/by']" :options="InShort::options(PassBy::class)" />
        <x-choice pointer="/pass/still_plate" :label="__('shots.film.plate')" :value="$texts['/pass/still_plate']"
            :options="['' => __('common.not_set'), '1' => __('shots.film.first'), '0' => __('common.none')]" />
    </div>
    @include('shots.parts.pass-told')
    </x-fold>
</section>
