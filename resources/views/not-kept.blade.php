@extends('errors.minimal')
@section('title', __('errors.not_kept.title'))
@section('message', __('errors.not_kept.says'))
