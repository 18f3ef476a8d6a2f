@include('shots.parts.findings')
<div class="review-rest">
    @include('shots.parts.all-takes')
    @include('shots.parts.last-changes')
    @include('shots.parts.actions')
    <details class="panel kit" id="all-photos" hx-get="{{ $page->shot->at('shots.schedule') }}" hx-trigger="toggle once, refresh"
        hx-target="#schedule" hx-swap="outerHTML" hx-sync="this:replace">
        <summary class="panel-head"><h2>{{ __('shots.view_review.table') }}</h2></summary>
        <div id="schedule"><p class="nothing"><a href="{{ $page->shot->at('shots.schedule') }}">{{ __('shots.view_review.open') }}</a></p></div>
    </details>
    @include('shots.parts.thresholds')
</div>
