@php
    use Evrent\Core\Words\PlainText;
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
        class="sr-only">{{ $verdict->inShort() }}: go to the findings</span>@if ($count > 0)<i aria-hidden="true">{{ $count }}</i>@endif</a>
    <x-icon :name="$icon" />
    <p class="says">
        <strong>{{ $verdict->headline($page->isPreview) }}</strong>
        @if ($works)
            <span>@if ($page->plan->timing->mode->hasClock())Tightest is <a href="#scrub"
                data-photo="{{ $summary->tightestPhoto }}">photo {{ $summary->tightestPhoto }}</a>, with
                {{ PlainText::seconds($summary->minSlackSeconds) }} to spare.@else Stop motion: nothing hangs on a clock.@endif</span>
        @else
            <span>{{ $verdict->failure['title'] }}: {{ $settings->clock($verdict->failure['shortfall']) }}@if ($verdict->failure['first_photo']), from <a
                href="#scrub" data-photo="{{ $verdict->failure['first_photo'] }}">photo {{ $verdict->failure['first_photo'] }}</a>@endif.</span>
        @endif
    </p>
    @if ($count > 0)<a class="found-count" href="{{ $toReview }}" data-to-view="review">{{ $count }} {{ $count === 1 ? 'finding' : 'findings' }}</a>@endif
    @include('shots.parts.not-judged')
</x-part>
