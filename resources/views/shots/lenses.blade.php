<x-layout :title="__('shots.lenses_page.title', ['title' => $page->plan->title])" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    __('shots.lenses_page.crumb') => null,
]">
    <div class="page"><h1 class="sr-only">{{ __('shots.lenses_page.title', ['title' => $page->plan->title]) }}</h1>@include('shots.parts.lenses')</div>
</x-layout>
