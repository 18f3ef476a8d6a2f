<x-layout :title="'Lenses for ' . $page->plan->title" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    'Lenses' => null,
]">
    <div class="page"><h1 class="sr-only">Lenses for {{ $page->plan->title }}</h1>@include('shots.parts.lenses')</div>
</x-layout>
