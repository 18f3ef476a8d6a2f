{{-- Takes that are under way, wherever their shots are. --}}
@foreach ($takes as $take)<p class="verdict is-under-way" role="status"><x-icon name="camera" /><span class="says"><strong>{{ Words::capital($take->inWords())
    }}: {{ $take->revision->toPlan()->title }}.</strong> <span>{{ isset($take->now['next'], $take->now['photos'])
    ? __('takes.under_way.photo', ['next' => $take->now['next'], 'photos' => $take->now['photos']]) : '' }}</span></span>
    <a class="button" href="{{ $take->at('takes.show') }}">{{ __('takes.under_way.open') }}</a></p>@endforeach
