@include('shots.parts.fields-of', ['name' => 'frame'])
<div class="needs-rig" @toggle.capture="openBackdrop()">@include('shots.parts.backdrop', ['page' => new App\Pages\BackdropPage($page->shot)])</div>
<details class="panel kit needs-rig" id="lenses" hx-get="{{ $page->shot->at('shots.lenses') }}" hx-trigger="toggle once, refresh"
    hx-target="#lenses-shown" hx-swap="outerHTML" hx-sync="this:replace">
    <summary class="panel-head"><h2>{{ __('shots.view_frame.lenses') }}</h2></summary>
    <div id="lenses-shown"><p class="nothing"><a href="{{ $page->shot->at('shots.lenses') }}">{{ __('shots.view_frame.open') }}</a></p></div>
</details>
<details class="panel kit needs-rig" id="crossing" hx-get="{{ $page->shot->at('shots.crossing') }}" hx-trigger="toggle once"
    hx-target="#crossing-shown" hx-swap="outerHTML">
    <summary class="panel-head"><h2>{{ __('shots.view_frame.crossing') }}</h2></summary>
    <div id="crossing-shown"><p class="nothing"><a href="{{ $page->shot->at('shots.crossing') }}">{{ __('shots.crossing.tell') }}</a></p></div>
</details>
