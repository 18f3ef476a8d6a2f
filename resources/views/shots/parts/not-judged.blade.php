{{-- What the verdict says nothing of, each with a press to tell. --}}
@php
    use Evrent\Core\Checks\NotJudged;
    $unjudged = NotJudged::of($page->plan);
@endphp
@if ($unjudged !== [])
    <div class="not-judged"><span>Not judged:</span>
        @foreach ($unjudged as $one)
            @switch ($one)
                @case (NotJudged::Site)<a href="{{ route('shoots.show', $page->shot->shoot_id) }}#place">{{ $one->label() }}</a>@break
                @case (NotJudged::Start)<a href="#f-start">{{ $one->label() }}</a>@break
                @case (NotJudged::Light)<x-edit :page="$page" edit="part-in" :with="['part' => 'light'] + $page->lightOfKit()" class="is-quiet"
                    id="tell-light">{{ $one->label() }}</x-edit>@break
                @case (NotJudged::Lens)<x-edit :page="$page" edit="optics-in" class="is-quiet" id="tell-lens">{{ $one->label() }}</x-edit>@break
                @case (NotJudged::Cards)<x-edit :page="$page" edit="part-in" :with="['part' => 'storage']" class="is-quiet"
                    id="tell-cards">{{ $one->label() }}</x-edit>@break
                @case (NotJudged::CameraPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-camera']" class="is-quiet"
                    id="tell-camera-power">{{ $one->label() }}</x-edit>@break
                @case (NotJudged::RigPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-rig']" class="is-quiet"
                    id="tell-rig-power">{{ $one->label() }}</x-edit>@break
            @endswitch
        @endforeach
    </div>
@endif
