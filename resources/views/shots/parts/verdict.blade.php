@php
    use Evrent\Core\Messages\Quantity;
    $summary = $page->schedule->summary;
    $verdict = $page->report->verdict;
    $works = $verdict->works();
    $icon = App\Pages\Icon::ofVerdict($verdict);
    $count = count($page->report->findings);
    $toReview = route('shots.view', [...$page->shot->address(), 'review']);
@endphp
<x-part id="verdict" class="verdict" tabindex="-1" :data-works="$works ? 'yes' : 'no'" :data-verdict="$verdict->standing()"
    :data-preview="$page->isPreview ? 'yes' : 'no'">
    <a class="verdict-in-short" href="{{ $toReview }}" data-to-view="review"><x-icon :name="$icon" /><b
        aria-hidden="true">{{ __("checks.verdict.{$verdict->standing()}_word") }}</b><span
        class="sr-only">{{ __('shots.verdict.go', ['inShort' => $verdict->inShort()]) }}</span>@if ($count > 0)<i aria-hidden="true">{{ $count }}</i>@endif</a>
    <x-icon :name="$icon" />
    <p class="says">
        <strong>{{ $verdict->headline($page->isPreview) }}</strong>
        @if ($works)
            <span>@if ($page->plan->timing->mode->hasClock()){{ __('shots.verdict.tightest') }} <a href="#scrub"
                data-photo="{{ $summary->tightestPhoto }}">{{ __('shots.verdict.photo', ['tightestPhoto' => $summary->tightestPhoto]) }}</a>{{
                    __('shots.verdict.slack', ['minSlackSeconds' => Quantity::seconds($summary->minSlackSeconds)]) }}@else {{
                        __('shots.verdict.stop_motion') }}@endif</span>
        @else
            <span>{{ $verdict->failure['title'] }}: {{ $settings->clock($verdict->failure['shortfall']) }}@if ($verdict->failure['first_photo']){{
                __('shots.verdict.from') }} <a
                href="#scrub" data-photo="{{ $verdict->failure['first_photo'] }}">{{ __('shots.verdict.first',
                    ['first_photo' => $verdict->failure['first_photo']]) }}</a>@endif.</span>
        @endif
    </p>
    @if ($count > 0)<a class="found-count" href="{{ $toReview }}" data-to-view="review">{{ $count }} {{
        $count === 1 ? __('shots.verdict.finding') : __('shots.verdict.findings') }}</a>@endif
    @include('shots.parts.not-judged')
</x-part>
