@php
    $texts = $page->texts;
    $start = new App\Pages\TakeStart($page);
@endphp
<x-layout :words="['bench', 'rig', 'live', 'axes']" :title="$view->label() . ' · ' . $page->plan->title"
    :crumbs="[$page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id), $page->plan->title => null]"
    :has-own-saving="true" :keep="$page->shot->shoot->pages()">
    <div id="shot" class="bench" data-shot="{{ $page->shot->id }}" data-mode="{{ $page->plan->timing->mode->value }}" data-view="{{ $view->value }}"
        :data-mode="$store.run.mode || '{{ $page->plan->timing->mode->value }}'" x-data="bench" :data-jogging="jogging ? 'yes' : 'no'"
        data-title="{{ $page->plan->title }}" data-path="{{ $page->shot->path() }}"
        data-url="{{ $page->shot->at('shots.update') }}" data-edits="{{ $page->shot->at('shots.edits.store') }}"
        data-night="{{ $page->shot->at('shots.night') }}"
        data-jog="{{ $page->shot->at('shots.jog') }}">
        <h1 class="sr-only">{{ $page->plan->title }}</h1>
        <script id="shot-problems" type="application/json">{}</script>
        @include('shots.parts.data', ['isWhole' => session()->hasOldInput()])
        <script id="always-drawn" type="application/json">@json(App\Pages\Drawn::always())</script>
        @include('shots.parts.spine')
        @include('shots.parts.stale')
        <form id="plan" class="plan" method="post" action="{{ $page->shot->at('shots.update') }}" autocomplete="off" data-live>
            @csrf
            @method('put')
            @include('shots.parts.revision')
            <div class="said">
                @include('shots.parts.unsaved', ['problems' => $errors->get('plan.*')])
                @include('shots.parts.rounding')
            </div>
            @include('shots.parts.other-problems', ['problems' => []])
            <button class="button without-script">{{ __('shots.show.calculate') }}</button>
        </form>
        <div class="sentence-place">@include('shots.parts.sentence')</div>
        <div class="stage">
            <div class="stage-main">
                @foreach (App\Pages\ShotView::cases() as $each)
                    <section class="view view-{{ $each->value }}" id="view-{{ $each->value }}"
                        aria-label="{{ __('app.view.stage', ['view' => $each->label()]) }}" tabindex="-1">
                        @include('shots.views.' . $each->value)
                    </section>
                @endforeach
            </div>
            <div class="stage-side">
                @include('shots.parts.finder')
                @include('shots.parts.jog')
                @include('shots.parts.found-beside')
                @include('shots.parts.figures')
                @include('shots.parts.exposure-help')
                @include('shots.parts.budgets')
            </div>
        </div>
        <div id="sum-shown" class="panel" popover tabindex="-1"></div>
    @include('shots.parts.keys')
        {{-- The last of the form: it says that all before it have arrived. --}}
        <input type="hidden" name="end" value="1" form="plan">
    </div>
</x-layout>
