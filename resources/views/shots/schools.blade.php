<x-layout :title="__('shots.schools_page.title', ['title' => $page->plan->title])" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    __('shots.schools_page.crumb') => null,
]">
    <div class="page"><h1 class="sr-only">{{ __('shots.schools_page.title', ['title' => $page->plan->title]) }}</h1>@include('shots.parts.schools')</div>
</x-layout>
