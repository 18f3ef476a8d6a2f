<x-layout :title="'An edge in ' . $page->plan->title" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    'When an edge crosses' => null,
]">
    <div class="page"><h1 class="sr-only">When an edge crosses in {{ $page->plan->title }}</h1>@include('shots.parts.crossing')</div>
</x-layout>
