<x-layout :title="$shot->title()" :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => null]">
    <div class="page">
        <header class="page-head"><h1>{{ $shot->title() }}</h1></header>
        <section class="panel untold" role="alert">
            <h2>This plan cannot be worked out</h2>
            @foreach ($problems as $problem)<p>{{ trim("{$problem->pointer}: " . Words::say($problem->message), ': ') }}</p>@endforeach
            <p>Nothing of it is lost: take the last change back, go back to an earlier plan, or save the plan file and mend it there.</p>
            <div class="form-acts">
                @if ($revision->parent_id !== null)<x-act :action="$shot->at('shots.undo')" icon="undo-2" class="is-strong"
                    :fields="['revision' => $revision->id]">Undo: {{ $revision->reason }}</x-act>@endif
                <a class="button" href="{{ $shot->at('shots.history') }}"><x-icon name="history" /><span class="text">Earlier plans</span></a>
                <a class="button" href="{{ $shot->at('plan-files.show') }}" download><x-icon name="download" /><span class="text">Plan file</span></a>
                <x-act :action="$shot->at('shots.destroy')" method="delete" icon="trash-2" class="is-quiet">Delete</x-act>
            </div>
        </section>
    </div>
</x-layout>
