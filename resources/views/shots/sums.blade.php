<x-layout :title="'Arithmetic of ' . $page->plan->title" :crumbs="[
    $page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id),
    $page->plan->title => $page->shot->at('shots.show'),
    'Arithmetic' => null,
]">
    <div class="page">
        <h1>How it is worked out</h1>
        @foreach ($sums as $sum)<section class="panel">@include('shots.parts.sum')</section>@endforeach
    </div>
</x-layout>
