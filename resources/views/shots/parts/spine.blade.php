{{-- Always in sight: whether it works, what that does not cover, the slack of the whole run, whether all is saved, and the way back. --}}
<div class="spine">
    @include('shots.parts.verdict')
    <x-saving />
    @include('shots.parts.steps')
    @include('shots.parts.tabs')
    <div class="slack-strip" @if (!$page->plan->timing->mode->hasClock()) data-empty="yes" @endif>
        @include('shots.parts.ribbon')
        <i class="slack-at" aria-hidden="true" :style="'--at: ' + $store.run.photo + '; --of: ' + $store.run.photos"></i>
        <label class="scrub">
            <span class="sr-only">{{ __('shots.spine.cursor') }}</span>
            <input type="range" min="1" max="{{ $page->schedule->photosTotal() }}" :max="$store.run.photos"
                value="{{ $page->schedule->summary->tightestPhoto }}" x-model.number="$store.run.photo" id="scrub"
                :aria-valuetext="$store.run.cursorText">
        </label>
    </div>
</div>
