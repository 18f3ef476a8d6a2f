<x-layout :title="'Ways to expose ' . $page->plan->title" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    'Ways to expose' => null,
]">
    <div class="page"><h1 class="sr-only">Ways to expose {{ $page->plan->title }}</h1>@include('shots.parts.schools')</div>
</x-layout>
