<section class="panel actions" aria-label="Do with this shot">
    <a class="button" href="{{ route('shots.schedule.csv', $page->shot) }}" download><x-icon name="download" /><span class="text">Schedule, CSV</span></a>
    <a class="button" href="{{ route('plan-files.show', $page->shot) }}" download><x-icon name="download" /><span class="text">Plan file</span></a>
    @include('shots.parts.rename', ['shot' => $page->shot, 'title' => $page->plan->title, 'class' => ''])
    <x-act :action="route('shots.duplicate', $page->shot)" icon="copy">Duplicate</x-act>
    @if ($run = $page->lastRun())<p class="quiet">Last dry run: <a href="{{ route('runs.show', $run) }}">{{ $run->created_at->diffForHumans() }}</a></p>@endif
</section>
