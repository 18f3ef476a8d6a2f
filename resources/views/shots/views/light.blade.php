@include('shots.parts.fields-of', ['name' => 'light'])
@include('shots.parts.light-strips')
@include('shots.parts.cue-card')
<details class="panel kit" id="ways" hx-get="{{ $page->shot->at('shots.schools') }}" hx-trigger="toggle once, refresh"
    hx-target="#schools" hx-swap="outerHTML" hx-sync="this:replace">
    <summary class="panel-head"><h2>{{ __('shots.view_light.methods') }}</h2></summary>
    <div id="schools"><p class="nothing"><a href="{{ $page->shot->at('shots.schools') }}">{{ __('shots.view_frame.open') }}</a></p></div>
</details>
