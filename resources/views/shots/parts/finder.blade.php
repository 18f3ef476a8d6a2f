<section class="finder panel of-frame of-time of-light" id="finder" aria-labelledby="finder-title">
    <h2 id="finder-title" class="sr-only">{{ __('shots.finder.title') }}</h2>
    <div class="finder-frame"><canvas x-ref="finder" role="img" :aria-label="finderLabel" aria-label="{{ __('shots.finder.view') }}"></canvas>
        <p class="finder-tag" x-text="finderTag"></p>
        <p class="finder-example" x-show="isExample && !live && !backdrop" x-cloak>{{ __('shots.finder.example') }}</p></div>
    <div class="tools">
        <button type="button" class="button is-quiet" @click="togglePlay()" title="{{ __('shots.finder.play_key') }}"><span x-show="!playing"><x-icon
            name="play"
            /></span><span x-show="playing" x-cloak><x-icon name="pause" /></span><span class="text"
            x-text="playText">{{ __('shots.finder.play') }}</span></button>
        <button type="button" class="button is-quiet" @click="toggleView('thirds')" :aria-pressed="view.thirds" aria-pressed="true">{{
            __('shots.finder.thirds') }}</button>
        <button type="button" class="button is-quiet" @click="toggleView('crop')" :aria-pressed="view.crop" aria-pressed="true">{{
            __('shots.finder.crop') }}</button>
        <button type="button" class="button is-quiet" @click="toggleView('ghost')" :aria-pressed="view.ghost" aria-pressed="true"
            title="{{ __('shots.finder.before') }}">{{ __('shots.finder.ghost') }}</button>
        <button type="button" class="button is-quiet jog-switch needs-rig"
            @click="toggleJog()" :aria-pressed="jogging" aria-pressed="false" title="{{ __('shots.finder.jog_key') }}"><x-icon
            name="gamepad-2" /><span class="text"
            x-text="$store.run.label(jogging ? 'scripts.bench.end_jog' : 'scripts.bench.jog')">{{ __('shots.finder.jog') }}</span></button>
    </div>
    @include('shots.parts.live')
    @include('shots.parts.crop')
    @include('shots.parts.focus')
</section>
