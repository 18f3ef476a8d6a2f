<x-layout :title="__('shots.sums.title', ['title' => $page->plan->title])" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    __('shots.sums.crumb') => null,
]">
    <div class="page">
        <h1>{{ __('shots.sums.heading') }}</h1>
        @foreach ($sums as $sum)<section class="panel">@include('shots.parts.sum')</section>@endforeach
    </div>
</x-layout>
