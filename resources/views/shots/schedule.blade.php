@include('shots.parts.schedule')
