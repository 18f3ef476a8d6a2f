<x-layout :title="'Schedule of ' . $page->plan->title" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    'Schedule' => null,
]">
    <div class="page">
        <h1 class="sr-only">Schedule of {{ $page->plan->title }}</h1>
        @include('shots.parts.schedule')
    </div>
</x-layout>
